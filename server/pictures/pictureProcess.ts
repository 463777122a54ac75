import type { PictureJob } from './pictureJob.js';
import { readPicture } from './readPicture.js';

/** More than the largest picture that is taken needs. */
const MOST_BYTES = 1024 ** 3;
const LOOK_MS = 25;

// The decoder works beside this thread, so this looks on while it does.
setInterval(() => {
  if (process.memoryUsage.rss() > MOST_BYTES) process.exit(1);
}, LOOK_MS).unref();

process.on('message', ({ file }: PictureJob) => {
  readPicture(file).then(
    (answer) => process.send?.(answer),
    // The one that asked hears of it by the end of this process.
    () => process.exit(1),
  );
});
// Whoever asked is gone.
process.on('disconnect', () => process.exit(0));
