'use client';

import { Textarea } from '@chakra-ui/react';
import { useState } from 'react';
import { useBag, useBagStore } from '@/ui/bag/BagProvider';
import { FieldFrame } from '@/ui/fields/FieldFrame';

/** Her own notes, printed at the end of the pattern. Kept when the field is left. */
export function NotesField() {
  const notes = useBag((state) => state.design.notes);
  const store = useBagStore();
  const [typed, setTyped] = useState<string | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  const finish = () => {
    if (typed === null) return;
    const [first] = store.getState().edit('Notes', [{ path: ['notes'], value: typed }]);
    setFault(first?.sentence ?? null);
    if (!first) setTyped(null);
  };
  return (
    <FieldFrame label="Your notes, printed with the pattern" fault={fault}>
      {({ id, describedBy }) => (
        <Textarea
          id={id}
          aria-describedby={describedBy}
          value={typed ?? notes}
          onChange={(event) => setTyped(event.target.value)}
          onBlur={finish}
          bg="paper"
          borderColor="counterEdge"
          rows={3}
        />
      )}
    </FieldFrame>
  );
}
