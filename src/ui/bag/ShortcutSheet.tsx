'use client';

import { Kbd, Table } from '@chakra-ui/react';
import { Sheet, type SheetProps } from './Sheet';

/** Every key of a bag, for the sheet and the README alike. */
const SHORTCUTS: readonly { keys: string; does: string }[] = [
  {
    keys: 'Alt + 1 … 9',
    does: 'Go to a place: Carry, Swatch, Stitch, Body, Strap, Lining, Stores, Bench, Write-up',
  },
  { keys: 'Ctrl + Z', does: 'Undo' },
  { keys: 'Ctrl + Y, or Ctrl + Shift + Z', does: 'Redo' },
  { keys: 'Tab, then ↑ ↓', does: 'Move a fold or the flap’s edge by one row' },
  { keys: 'Page up, Page down', does: 'Move it by five rows' },
  { keys: 'Home, End', does: 'Move it as far as it goes' },
  { keys: 'Arrows on a grip', does: 'Pull the depth, the corners, or the flap’s shape by a stitch or a row' },
  { keys: '+, −, 0 on the drawing', does: 'Draw it larger, smaller, as it fits' },
  { keys: '[ and ] on the drawing', does: 'Take the piece before, or the next one, in hand' },
  { keys: 'Arrows on the folded bag', does: 'Turn it; Home looks at it as at first' },
  { keys: 'Arrows on the flap’s grip', does: 'Open and close the flap' },
  { keys: '1 … 6 in a list of plans', does: 'Take that plan' },
  { keys: 'Enter on a number or a line', does: 'Ask why' },
  { keys: 'Esc', does: 'Turn the ticket back; take back what was typed' },
  { keys: 'Space, Backspace', does: 'At the bench: a row is done; take one back' },
  { keys: 'Alt + U', does: 'Change between centimetres and inches' },
  { keys: 'Alt + T', does: 'Change between US and UK words' },
  { keys: 'Alt + W', does: 'To the write-up' },
  { keys: 'Alt + 0', does: 'Back to the shelf' },
  { keys: '?', does: 'This sheet' },
];

export function ShortcutSheet(sheet: SheetProps) {
  return (
    <Sheet {...sheet} title="Keys" wide>
      <Table.Root size="sm">
        <Table.Body>
          {SHORTCUTS.map(({ keys, does }) => (
            <Table.Row key={keys} bg="transparent">
              <Table.Cell>
                <Kbd>{keys}</Kbd>
              </Table.Cell>
              <Table.Cell>{does}</Table.Cell>
            </Table.Row>
          ))}
        </Table.Body>
      </Table.Root>
    </Sheet>
  );
}
