import { localised } from '../text/localised.js';

/** What is said of writing, sending and devices, in British English. */
export const dataText = localised('data', {
  theServerCannotBe: 'The server cannot be reached.',
  somethingElseAnswersUnder:
    'Something else answers under this address: a network that wants a sign-in first, perhaps, or another server.',
  thisBrowserCannotSpeak: ({ name }: { name: string }) => `This browser cannot speak to a ${name} over Bluetooth.`,
  theHasGoneOut: ({ name }: { name: string }) => `The ${name} has gone out of reach, or its battery is flat.`,
  thisBrowserHasNo: 'This browser has no camera for this page. Use the camera app instead.',
  theCameraWasNot:
    'The camera was not allowed. Allow it in the browser’s settings, or take the picture with the camera app.',
  noCameraWasFound: 'No camera was found. Take the picture with the camera app.',
  thisBrowserDrawsNo: 'This browser draws no pictures for the simulated camera.',
  itCouldNotBe: 'It could not be read.',
  itIsLargerThan: 'It is larger than 25 MB.',
  heicCannotBeRead: 'HEIC cannot be read here. Set the phone to take JPEG ("most compatible"), or share it as JPEG.',
  itIsNotA: 'It is not a picture that can be read here, or it is damaged.',
  thereIsNoRoom: 'There is no room left on this device. It is still on the card.',
  theServerHasNot: 'The server has not written all of it.',
  thePictureCameTo: 'The picture came to the server as another one.',
  isThisFish: ({ from, into }: { from: string; into: string }) => `“${from}” is this fish: “${into}”`,
  aFishNoLonger: 'A fish no longer in the register',
  of: ({ form, startedAt }: { form: string; startedAt: string }) => `${form} of ${startedAt}`,
  thisDeviceCannotRead: 'This device cannot read the picture any more. If it is still on the card, add it once more.',
  thePictureCouldNot: 'The picture could not be loaded.',
  waterProbeOverBluetooth: 'water probe over Bluetooth',
  scaleOverBluetooth: 'scale over Bluetooth',
});
