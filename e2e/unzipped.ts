import yauzl from 'yauzl';

/** What is in a ZIP, name by name, read by another program than the one that wrote it. */
export const unzipped = (path: string): Promise<Map<string, Buffer>> =>
  new Promise((resolve, reject) => {
    yauzl.open(path, { lazyEntries: true, validateEntrySizes: true }, (refused, zip) => {
      if (refused) return reject(refused);
      const files = new Map<string, Buffer>();
      zip.on('error', reject);
      zip.on('end', () => resolve(files));
      zip.on('entry', (entry: { fileName: string }) => {
        zip.openReadStream(entry as never, (broken, stream) => {
          if (broken) return reject(broken);
          const chunks: Buffer[] = [];
          stream.on('data', (chunk: Buffer) => chunks.push(chunk));
          stream.on('error', reject);
          stream.on('end', () => {
            files.set(entry.fileName, Buffer.concat(chunks));
            zip.readEntry();
          });
        });
      });
      zip.readEntry();
    });
  });
