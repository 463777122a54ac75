import { devicesText } from './text.en-GB.js';

/** A first name for a device, from what its browser calls itself. Example: an iPad → “Tablet”. */
export function deviceName(userAgent: string): string {
  if (/iPad|Tablet/.test(userAgent) || (userAgent.includes('Android') && !userAgent.includes('Mobile')))
    return devicesText.tablet;
  if (userAgent.includes('iPhone')) return devicesText.iphone;
  if (userAgent.includes('Android')) return devicesText.androidPhone;
  return devicesText.computer;
}
