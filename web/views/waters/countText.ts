import { watersText } from './text.en-GB.js';
/** How many of something, in words as far as it reads better. Example: `no fish`, `one swim`, `12 fish`. */
export function countText(count: number, one: string, many: string): string {
  return count === 0 ? watersText.no({ many }) : count === 1 ? watersText.one({ one }) : `${count} ${many}`;
}
