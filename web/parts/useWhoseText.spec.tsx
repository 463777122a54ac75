import { renderHook } from '@testing-library/react';
import { FIRST_KEEPER } from '@keeper/core/domain/capture/angler';
import { setMyKeeper } from '../data/whose.js';
import { useHousehold } from './useHousehold.js';
import { useWhoseText, type Whose } from './useWhoseText.js';

const BEN = '0190a000-0000-7000-8000-00000000000b';
let mockKeepers: { id: string; name: string; retired: boolean }[] = [];
jest.mock('../data/rows.js', () => ({ useKeepers: () => mockKeepers }));

const ANN = { id: FIRST_KEEPER, name: 'Ann', retired: false };
const read = (whose: Whose) => renderHook(() => useWhoseText()).result.current(whose);
const household = () => renderHook(() => useHousehold()).result.current.map(({ name, isMe }) => [name, isMe]);

beforeEach(() => {
  setMyKeeper(FIRST_KEEPER);
  mockKeepers = [ANN, { id: BEN, name: 'Ben', retired: false }];
});

test('the own fish are not told apart; another keeper’s and a guest’s are', () => {
  expect(read({ angler: null, keeperId: FIRST_KEEPER })).toBeNull();
  expect(read({ angler: null, keeperId: BEN })).toBe('Ben’s fish');
  expect(read({ angler: { who: 'child', name: 'Tom' }, keeperId: null })).toBe('Tom’s fish');
  setMyKeeper(BEN);
  expect(read({ angler: null, keeperId: BEN })).toBeNull();
  expect(read({ angler: null, keeperId: FIRST_KEEPER })).toBe('Ann’s fish');
});

test('one who was archived is chosen no more, and still named', () => {
  expect(household()).toEqual([
    ['Ann', true],
    ['Ben', false],
  ]);
  mockKeepers = [ANN, { id: BEN, name: 'Ben', retired: true }];
  expect(household()).toEqual([]);
  expect(read({ angler: null, keeperId: BEN })).toBe('Ben’s fish');
});

test('held by one who was archived meanwhile, a device can be given back', () => {
  setMyKeeper(BEN);
  mockKeepers = [ANN, { id: BEN, name: 'Ben', retired: true }];
  expect(household()).toEqual([['Ann', false]]);
});

test('in a book of one keeper nothing is said of whose it is, nor of what an earlier version kept', () => {
  mockKeepers = [];
  expect(read({ angler: null, keeperId: FIRST_KEEPER })).toBeNull();
  expect(read({ angler: null })).toBeNull();
  expect(household()).toEqual([]);
});

test('a first keeper who was never named has a name all the same', () => {
  mockKeepers = [{ id: BEN, name: 'Ben', retired: false }];
  setMyKeeper(BEN);
  expect(household()).toEqual([
    ['Ben', true],
    ['The first keeper', false],
  ]);
  expect(read({ angler: null, keeperId: FIRST_KEEPER })).toBe('another keeper’s fish');
});
