import { Button, Flex, Progress } from '@chakra-ui/react';
import { Download } from 'lucide-react';
import { useEffect, useRef, useState } from 'react';
import type { Design } from '@/core/design';
import { downloadFile, fileNameOf } from '@/ui/browser/download';
import type { Running } from '@/ui/workers/planningWorker';
import { picturePng, type Ground } from './bagPicture';

interface SaveProps {
  design: Design;
  picture: Parameters<typeof picturePng>[0];
  ground: Ground;
}

/** Makes the file away from the screen, says how far it is, and can be stopped. */
export function SavePicture({ design, picture, ground }: SaveProps) {
  const [share, setShare] = useState<number | null>(null);
  const [said, setSaid] = useState('');
  const running = useRef<Running<Blob | null> | null>(null);
  useEffect(() => () => running.current?.stop(), []);
  const save = async () => {
    setShare(0);
    setSaid('');
    let isStopped = false;
    const run = picturePng(picture, ground, setShare);
    running.current = { ...run, stop: () => ((isStopped = true), run.stop()) };
    const file = await run.result;
    setShare(null);
    if (isStopped) return setSaid('Stopped. Nothing was saved.');
    if (!file) return setSaid('That picture could not be made here. Try a smaller one.');
    downloadFile(`${fileNameOf(design.name)}-picture.png`, file);
    setSaid(`Saved: ${picture.widthPx} by ${picture.heightPx} px.`);
  };
  return (
    <Flex gap="3" align="center" wrap="wrap">
      <Button
        size="sm"
        variant="outline"
        bg="paper"
        onClick={() => (share === null ? void save() : running.current?.stop())}
      >
        {share === null ? (
          <>
            <Download size={15} /> Save it as PNG
          </>
        ) : (
          'Stop'
        )}
      </Button>
      {share !== null && (
        <Progress.Root
          value={Math.round(share * 100)}
          width="10em"
          size="sm"
          aria-label="How much of the picture is made"
        >
          <Progress.Track>
            <Progress.Range />
          </Progress.Track>
        </Progress.Root>
      )}
      <span role="status">{share === null ? said : `Being made: ${Math.round(share * 100)} %`}</span>
    </Flex>
  );
}
