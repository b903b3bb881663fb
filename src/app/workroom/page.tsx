import type { Metadata } from 'next';
import { WorkroomView } from '@/ui/workroom/WorkroomView';

export const metadata: Metadata = { title: 'Workroom' };

/** Copies of everything, and who may come in from the network. */
export default function WorkroomPage() {
  return <WorkroomView />;
}
