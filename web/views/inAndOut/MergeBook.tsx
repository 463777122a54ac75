import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import type { BookMerge } from '@keeper/contract/bookMerge';
import { FIRST_KEEPER } from '@keeper/core/domain/capture/angler';
import { ask } from '../../data/api.js';
import { newId } from '../../data/device.js';
import { queryClient } from '../../data/queryClient.js';
import { useMyKeeperId } from '../../data/whose.js';
import { ChooseFile } from '../../parts/ChooseFile.js';
import { Notice } from '../../parts/Notice.js';
import { Picker } from '../../parts/Picker.js';
import { Section } from '../../parts/Section.js';
import { TextField } from '../../parts/TextField.js';
import { useHousehold } from '../../parts/useHousehold.js';
import { whenText } from '../../parts/when.js';
import { MissingPictures } from './MissingPictures.js';
import { inAndOutText } from './text.en-GB.js';

const NEW_KEEPER = 'new';

function sendBook(file: File, query: Readonly<Record<string, string>>): Promise<BookMerge> {
  const form = new FormData();
  form.append('file', file, file.name);
  return ask<BookMerge>(`/book?${new URLSearchParams(query).toString()}`, { method: 'POST', body: form });
}

/** A book that left as JSON, of one's own or another: looked into first, then merged by the ids of all it holds. */
export function MergeBook() {
  const mine = useMyKeeperId();
  const household = useHousehold();
  const [whose, setWhose] = useState<string>(mine);
  const [name, setName] = useState('');
  const [newKeeperId] = useState(newId);
  const asWhom = (keeperId: string): Readonly<Record<string, string>> => {
    if (keeperId === NEW_KEEPER) return { keeperId: newKeeperId, ...(name.trim() !== '' && { name: name.trim() }) };
    return keeperId === FIRST_KEEPER ? {} : { keeperId };
  };
  const look = useMutation({
    mutationFn: ({ file, keeperId }: { file: File; keeperId: string }) =>
      sendBook(file, { ...asWhom(keeperId), dryRun: 'true' }),
  });
  const merge = useMutation({
    mutationFn: (file: File) => sendBook(file, asWhom(whose)),
    onSuccess: () => void queryClient.invalidateQueries(),
  });
  const file = look.variables?.file;
  const said = look.data;
  const brings =
    said &&
    said.captures.fresh +
      said.captures.grown +
      said.outings.fresh +
      said.outings.grown +
      said.rows.fresh +
      said.rows.newer;
  const failed = look.error ?? merge.error;
  return (
    <Section title={inAndOutText.aBook}>
      <p className="mb-3 text-soft">{inAndOutText.aBookHow}</p>
      <div className="grid max-w-xl gap-3">
        <ChooseFile
          accept=".json,application/json"
          label={file?.name ?? inAndOutText.chooseABook}
          onChosen={(chosen) => {
            merge.reset();
            look.mutate({ file: chosen, keeperId: whose });
          }}
        />
        {look.isPending && <p role="status">{inAndOutText.looking}</p>}
        {failed && <Notice role="alert">{failed.message}</Notice>}
        {file && !merge.isSuccess && !look.isError && (
          <>
            {said && <WhatItBrings said={said} />}
            <Picker
              label={inAndOutText.whoseBook}
              value={whose}
              onChange={(keeperId) => {
                setWhose(keeperId);
                look.mutate({ file, keeperId });
              }}
              options={[
                { value: mine, label: inAndOutText.mine },
                ...household.filter(({ isMe }) => !isMe).map(({ id, name: called }) => ({ value: id, label: called })),
                { value: NEW_KEEPER, label: inAndOutText.aNewKeeper },
              ]}
            />
            {whose === NEW_KEEPER && (
              <TextField label={inAndOutText.theirName} value={name} onChange={setName} mostLetters={60} />
            )}
            <div className="flex flex-wrap gap-3">
              <button
                type="button"
                className="button button-main"
                disabled={merge.isPending || brings === 0 || (whose === NEW_KEEPER && name.trim() === '')}
                onClick={() => merge.mutate(file)}
              >
                {merge.isPending ? inAndOutText.merging : inAndOutText.addIt}
              </button>
              <button type="button" className="button" onClick={() => look.reset()}>
                {inAndOutText.leaveIt}
              </button>
            </div>
          </>
        )}
        {merge.data && (
          <>
            <p role="status">{inAndOutText.added({ fish: merge.data.captures.fresh })}</p>
            <MissingPictures wanted={merge.data.missingPictures} />
          </>
        )}
      </div>
    </Section>
  );
}

function WhatItBrings({ said }: { said: BookMerge }) {
  const { captures, outings, rows, freshOf, clashing, leftOut, exportedAt } = said;
  const waters = freshOf.waters ?? [];
  const grows = captures.grown + outings.grown + rows.newer;
  const comes = captures.fresh + outings.fresh + rows.fresh;
  return (
    <div role="status" className="grid gap-1">
      {exportedAt !== '' && <p className="text-soft">{inAndOutText.bookOf({ when: whenText(exportedAt) })}</p>}
      {comes > 0 && (
        <p className="font-semibold">
          {inAndOutText.wouldCome({ fish: captures.fresh, outings: outings.fresh, rows: rows.fresh })}
        </p>
      )}
      {grows > 0 && (
        <p>{inAndOutText.wouldGrow({ fish: captures.grown, outings: outings.grown, newer: rows.newer })}</p>
      )}
      {comes + grows === 0 && <p className="font-semibold">{inAndOutText.nothingNew}</p>}
      {captures.known > 0 && <p>{inAndOutText.alreadyHere({ fish: captures.known })}</p>}
      {waters.length > 0 && <p>{inAndOutText.newWaters({ names: waters })}</p>}
      {clashing + leftOut > 0 && <p>{inAndOutText.leftOut({ count: clashing + leftOut })}</p>}
    </div>
  );
}
