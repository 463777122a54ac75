import { answerSentence, chanceWords } from './chanceWords.js';

test.each([
  [0.9999, 'over 99 %'],
  [0.973, '97 %'],
  [0.004, 'under 1 %'],
])('a chance of %p is %s', (probability, words) => expect(chanceWords(probability)).toBe(words));

test('an answer is a sentence, and an open one is said to be open', () => {
  expect(answerSentence(0, 0, 1)).toMatch(/^The book knows no other flank/);
  expect(answerSentence(12, 0.95, 0.02)).toMatch(/^You have caught this fish before/);
  expect(answerSentence(12, 0.05, 0.9)).toMatch(/^None of the 12 fish/);
  expect(answerSentence(1, 0.5, 0.5)).toMatch(/^The picture does not settle it/);
});
