'use client';

import { CloseButton, Dialog, Portal } from '@chakra-ui/react';
import type { ReactNode } from 'react';

export interface SheetProps {
  open: boolean;
  onClose: () => void;
}

/** A sheet of paper laid over the counter: its title, what is on it, and a way to put it back. */
export function Sheet({
  open,
  onClose,
  title,
  wide,
  children,
}: SheetProps & { title: string; wide?: boolean; children: ReactNode }) {
  return (
    <Dialog.Root
      open={open}
      onOpenChange={({ open: stays }) => !stays && onClose()}
      // In a field that is being typed into, Escape takes the typing back, and only then the sheet away.
      onEscapeKeyDown={(event) => {
        if (event.target instanceof Element && event.target.closest('[data-typing]')) event.preventDefault();
      }}
      placement="center"
      size={wide ? 'lg' : 'md'}
    >
      <Portal>
        <Dialog.Backdrop />
        <Dialog.Positioner>
          <Dialog.Content bg="paper">
            <Dialog.Header>
              <Dialog.Title fontFamily="heading">{title}</Dialog.Title>
            </Dialog.Header>
            <Dialog.Body>{children}</Dialog.Body>
            <Dialog.CloseTrigger asChild>
              <CloseButton size="sm" />
            </Dialog.CloseTrigger>
          </Dialog.Content>
        </Dialog.Positioner>
      </Portal>
    </Dialog.Root>
  );
}
