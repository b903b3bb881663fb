'use client';

import { Collapsible } from '@chakra-ui/react';
import { ChevronRight } from 'lucide-react';
import { useState, type ReactNode } from 'react';

/** Groups that she has opened, for as long as the page: what she looks at stays open from place to place. */
const opened = new Set<string>();

interface FoldedGroupProps {
  /** What a maker would ask. */
  title: string;
  /** The answer in one line, beside it. */
  answer?: ReactNode;
  action?: ReactNode;
  /** What comes next by `core/whatNext` is done here. */
  next?: string;
  /** Worked out only once it is opened. */
  lazy?: boolean;
  children: ReactNode;
}

/** A group of a place that is folded away under a plain name, with its answer in one line outside. */
export function FoldedGroup({ title, answer, action, next, lazy = false, children }: FoldedGroupProps) {
  const [isOpen, setOpen] = useState(() => opened.has(title));
  const turn = (open: boolean) => {
    if (open) opened.add(title);
    else opened.delete(title);
    setOpen(open);
  };
  return (
    <Collapsible.Root asChild open={isOpen} onOpenChange={({ open }) => turn(open)} lazyMount={lazy}>
      <section className="group folded-group" aria-label={title} data-next={next}>
        <div className="group-head">
          <h2>
            <Collapsible.Trigger className="fold-trigger">
              <ChevronRight className="fold-sign" size={16} aria-hidden />
              {title}
            </Collapsible.Trigger>
          </h2>
          {answer && <span className="fold-answer">{answer}</span>}
          {action}
        </div>
        <Collapsible.Content>{children}</Collapsible.Content>
      </section>
    </Collapsible.Root>
  );
}
