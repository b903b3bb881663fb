import { Button } from '@chakra-ui/react';
import { useRef } from 'react';
import { openPattern } from './openPattern';

type Opened = Awaited<ReturnType<typeof openPattern>>;

interface PatternFileButtonProps {
  label: string;
  /** What the file is, for who has it read to them. */
  fileLabel: string;
  onOpened: (opened: Opened, name: string) => void;
}

/** Opens a pattern from a file: text, Markdown, or the text of a PDF. */
export function PatternFileButton({ label, fileLabel, onOpened }: PatternFileButtonProps) {
  const file = useRef<HTMLInputElement>(null);
  return (
    <>
      <input
        ref={file}
        type="file"
        accept=".txt,.md,.pdf,text/plain,text/markdown,application/pdf"
        hidden
        aria-label={fileLabel}
        onChange={({ target }) => {
          const [chosen] = target.files ?? [];
          if (chosen) void openPattern(chosen).then((opened) => onOpened(opened, chosen.name));
          target.value = '';
        }}
      />
      <Button size="sm" minH="44px" variant="outline" bg="paper" onClick={() => file.current?.click()}>
        {label}
      </Button>
    </>
  );
}
