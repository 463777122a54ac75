import { localised } from '../../text/localised.js';

/** Words of the screen “share”, in British English. */
export const shareText = localised('share', {
  openingThePage: 'Opening the page…',
  theSeason: 'The season',
  theMonth: 'The month',
  theDay: 'The day',
  noDate: 'No date',
  backToTheFish: 'Back to the fish',
  catchCard: 'Catch card',
  catchCard2: ({ fish, weight }: { fish: string; weight: undefined | string }) =>
    `Catch card: ${fish}, ${weight ?? 'not weighed'}`,
  drawingTheCard: 'Drawing the card…',
  picture: 'Picture',
  picture2: ({ i }: { i: number }) => `Picture ${i}`,
  dateShown: 'Date shown',
  saveAsImage: 'Save as image',
  saveAsPdf: 'Save as PDF',
  thePictureAlone: 'The picture alone',
  leftOutTheSwim: ({ name }: { name: string }) =>
    `Left out: ${name}the swim, the hour, and everything that the camera wrote into the picture, its place above all. Look behind the fish as well: a pylon or a church tells others where it is.`,
  aFish: 'A fish',
  outOfTheWater: ({ airMs, state }: { airMs: string; state: string }) => `${airMs} out of the water, ${state}.`,
  notRecovered: 'not recovered',
  theCardCouldNot: 'The card could not be drawn on this device.',
  thisBrowserDrawsNo: 'This browser draws no pictures.',
  px: ({ book }: { book: string }) => `600 64px ${book}`,
  px2: ({ plain }: { plain: string }) => `400 36px ${plain}`,
  px3: ({ plain }: { plain: string }) => `700 92px ${plain}`,
  px4: ({ plain }: { plain: string }) => `400 38px ${plain}`,
  px5: ({ plain }: { plain: string }) => `400 46px ${plain}`,
  px6: ({ plain }: { plain: string }) => `400 32px ${plain}`,
});
