import { useEffect, useState } from 'react';
import type { KeptMeeting } from '@keeper/contract/meetings';
import { netOf, type CaptureState } from '@keeper/core/domain/capture/captureState';
import { formatBodyLength } from '@keeper/core/domain/fish/bodyLength';
import type { PutForward } from '@keeper/core/domain/meeting/putForward';
import { proofFileName } from '@keeper/core/formats/proofBundle';
import { lengthMm } from '@keeper/core/measure/length';
import { formatMass } from '@keeper/core/measure/formatMass';
import { localTime } from '@keeper/core/measure/localTime';
import { gramsOf } from '@keeper/core/measure/mass';
import { cameraAdvice, type CameraAdvice } from '../../data/cameraAdvice.js';
import { bytesText } from '../../parts/bytesText.js';
import { Notice } from '../../parts/Notice.js';
import { Section } from '../../parts/Section.js';
import { whenText } from '../../parts/when.js';
import { handOver } from '../share/cardFiles.js';
import { pictureName, proofZip } from './proofZip.js';
import { meetingsText } from './text.en-GB.js';

interface BundleProps {
  readonly meeting: KeptMeeting;
  readonly state: CaptureState;
  readonly put: PutForward;
  readonly bytes: Blob;
}

/** What the bundle discloses is said first; only who has read it saves or sends it. */
export function Bundle({ meeting, state, put, bytes }: BundleProps) {
  const [camera, setCamera] = useState<CameraAdvice>();
  const [read, setRead] = useState(false);
  const [failed, setFailed] = useState(false);
  useEffect(() => {
    let past = false;
    void cameraAdvice(bytes).then((advice) => {
      if (!past) setCamera(advice);
    });
    return () => {
      past = true;
    };
  }, [bytes]);
  if (!camera) return null;
  const reading = readingText(state);
  const fileName = proofFileName(`${meeting.name}-${localTime(state.startedAt ?? '', state.zone)?.day ?? ''}.zip`);
  const make = async () => proofZip({ proof: proofOf(meeting, state, put, camera), bytes });
  const save = () =>
    void make().then(
      (zip) => handOver(zip, fileName),
      () => setFailed(true),
    );
  const send = () =>
    void make()
      .then((zip) => navigator.share({ files: [new File([zip], fileName, { type: zip.type })] }))
      .catch((cause: unknown) => setFailed(!(cause instanceof DOMException && cause.name === 'AbortError')));
  return (
    <Section title={meetingsText.whatItDiscloses}>
      <ul className="max-w-2xl border-b border-rule">
        {[
          meetingsText.originalBytes({
            name: pictureName(put.sha256, bytes.type),
            size: bytesText(bytes.size),
          }),
          meetingsText.cameraWrote({
            when: camera.takenMs === null ? meetingsText.noTime : whenText(new Date(camera.takenMs).toISOString()),
            camera: camera.camera ? meetingsText.byCamera({ camera: camera.camera }) : '',
          }),
          ...(camera.place ? [] : [meetingsText.noPlace]),
          meetingsText.theReading({ reading }),
          meetingsText.theHashes,
        ].map((line) => (
          <li key={line} className="border-t border-rule py-2">
            {line}
          </li>
        ))}
      </ul>
      {camera.place && (
        <Notice>
          {meetingsText.placeIsIn({
            place: `${camera.place.latitudeDeg.toFixed(4)}, ${camera.place.longitudeDeg.toFixed(4)}`,
          })}
        </Notice>
      )}
      <label className="mt-3 flex min-h-12 items-center gap-3">
        <input type="checkbox" className="size-6" checked={read} onChange={(event) => setRead(event.target.checked)} />
        {meetingsText.iKnowWhat}
      </label>
      <div className="mt-3 flex flex-wrap gap-3">
        <button type="button" className="button button-main min-h-14" disabled={!read} onClick={save}>
          {meetingsText.saveTheBundle}
        </button>
        {canSend() && (
          <button type="button" className="button min-h-14" disabled={!read} onClick={send}>
            {meetingsText.sendTheBundle}
          </button>
        )}
      </div>
      <p className="mt-3 max-w-prose text-soft">{meetingsText.waitsForSignal}</p>
      {failed && <Notice role="alert">{meetingsText.bundleFailed}</Notice>}
    </Section>
  );
}

const canSend = () => 'share' in navigator && 'canShare' in navigator;

/** As it was read, by board and scale. */
function readingText(state: CaptureState): string {
  const { length } = state.facts;
  const net = netOf(state);
  return [length && formatBodyLength(length), net && formatMass(net)].filter(Boolean).join(', ');
}

function proofOf(meeting: KeptMeeting, state: CaptureState, put: PutForward, camera: CameraAdvice) {
  const { captureId, startedAt, zone, facts } = state;
  const { length, species } = facts;
  const net = netOf(state);
  return {
    meeting: { name: meeting.name, by: meeting.by, identifier: meeting.identifier },
    fish: {
      captureId,
      species: species ?? null,
      startedAt: startedAt ?? '',
      zone,
      lengthAsRead: length ? formatBodyLength(length) : null,
      lengthMm: length ? lengthMm(length) : null,
      lengthOf: length?.of ?? null,
      weightAsRead: net ? formatMass(net) : null,
      netGrams: net ? gramsOf(net) : null,
    },
    putForwardAt: put.at,
    checks: put.checks,
    lateWhy: put.lateWhy ?? null,
    picture: {
      sha256: put.sha256,
      written: {
        takenAt: camera.takenMs === null ? null : new Date(camera.takenMs).toISOString(),
        latitudeDeg: camera.place?.latitudeDeg ?? null,
        longitudeDeg: camera.place?.longitudeDeg ?? null,
        camera: camera.camera,
      },
    },
  };
}
