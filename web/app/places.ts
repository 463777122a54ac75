import { paths } from './paths.js';
import { appText } from './text.en-GB.js';
import {
  Backpack,
  Images,
  BookOpen,
  Fish,
  Map,
  PenLine,
  Repeat,
  Scale,
  SlidersHorizontal,
  Sunrise,
  Waves,
} from 'lucide-react';

/** The places of the application in the order of the work. */
export const WORK_PLACES = [
  { to: paths.today, name: appText.today, Icon: Sunrise },
  { to: paths.bank, name: appText.theBank, Icon: Map },
  { to: paths.writeUps, name: appText.writeUp, Icon: PenLine },
  { to: paths.book, name: appText.theBook, Icon: BookOpen },
] as const;

/** What is looked after at home; on a phone it stands behind "More". */
export const FURTHER_PLACES = [
  { to: paths.register, name: appText.knownFish, Icon: Fish },
  { to: paths.pictures, name: appText.pictures, Icon: Images },
  { to: paths.waters, name: appText.waters, Icon: Waves },
  { to: paths.kit, name: appText.kit, Icon: Backpack },
  { to: paths.weighDesk, name: appText.weighDesk, Icon: Scale },
  { to: paths.rehearse, name: appText.rehearse, Icon: Repeat },
  { to: paths.settings, name: appText.settings, Icon: SlidersHorizontal },
] as const;
