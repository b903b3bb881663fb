import type { Metadata } from 'next';
import { partsToWork } from '@/core/bench';
import { planBag } from '@/core/plan';
import { partName, writtenPattern } from '@/core/wording';
import { openBag } from '@/server/openBag';
import { TestPage } from '@/ui/tests/TestPage';
import { drawnFigures } from '@/ui/writeup/drawnFigures';

interface TestProps {
  params: Promise<{ id: string }>;
}

export async function generateMetadata({ params }: TestProps): Promise<Metadata> {
  return { title: `${(await openBag((await params).id)).design.name}, to be tried` };
}

/** A bag’s pattern for somebody who tries it: to be read, and to tell what was found. */
export default async function TestOfBag({ params }: TestProps) {
  const { id, design } = await openBag((await params).id);
  const result = planBag(design);
  if (!result.ok)
    return <p>This bag can’t be planned just now, so there is no pattern of it. Ask who sent you here.</p>;
  const { plan } = result;
  const { title, sections } = writtenPattern(design, plan);
  return (
    <TestPage
      id={id}
      title={title}
      unit={design.settings.lengthUnit}
      figures={drawnFigures(design, plan)}
      sections={sections.filter((section) => section.id !== 'notes')}
      parts={partsToWork(plan).map((part) => ({
        piece: part.of.id,
        copy: part.copy,
        name: partName(part, plan.fittings),
        rows: part.rowCount,
      }))}
    />
  );
}
