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
  { to: '/', name: 'Today', Icon: Sunrise },
  { to: '/bank', name: 'The bank', Icon: Map },
  { to: '/write-up', name: 'Write up', Icon: PenLine },
  { to: '/book', name: 'The book', Icon: BookOpen },
] as const;

/** What is looked after at home; on a phone it stands behind "More". */
export const FURTHER_PLACES = [
  { to: '/fish', name: 'Known fish', Icon: Fish },
  { to: '/pictures', name: 'Pictures', Icon: Images },
  { to: '/waters', name: 'Waters', Icon: Waves },
  { to: '/kit', name: 'Kit', Icon: Backpack },
  { to: '/weigh', name: 'Weigh desk', Icon: Scale },
  { to: '/rehearse', name: 'Rehearse', Icon: Repeat },
  { to: '/settings', name: 'Settings', Icon: SlidersHorizontal },
] as const;
