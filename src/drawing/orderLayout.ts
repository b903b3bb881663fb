import { Graph, layout } from '@dagrejs/dagre';
import type { SettingGraph } from '@/core/making';
import type { Point } from './shape';

/** A graph of steps laid out in layers, the first above: in px of the screen. */
export interface OrderLayout {
  widthPx: number;
  heightPx: number;
  nodes: { id: string; isOfGroup: boolean; x: number; y: number; widthPx: number; heightPx: number }[];
  edges: { from: string; to: string; shuts: boolean; points: Point[] }[];
}

const GAP = { nodesep: 16, ranksep: 30, marginx: 4, marginy: 4 };

/**
 * Lays the steps out in layers, each below what it comes after.
 *
 * @param box how large a node is
 */
export function orderLayout({ nodes, edges }: SettingGraph, box: { widthPx: number; heightPx: number }): OrderLayout {
  const graph = new Graph();
  graph.setGraph({ rankdir: 'TB', ...GAP });
  graph.setDefaultEdgeLabel(() => ({}));
  for (const { id } of nodes) graph.setNode(id, { width: box.widthPx, height: box.heightPx });
  for (const { from, to } of edges) graph.setEdge(from, to);
  layout(graph);
  const { width = 0, height = 0 } = graph.graph() as { width?: number; height?: number };
  return {
    widthPx: Math.max(0, width),
    heightPx: Math.max(0, height),
    nodes: nodes.map(({ id, isOfGroup }) => {
      const { x, y } = graph.node(id) as Point;
      return { id, isOfGroup, x: x - box.widthPx / 2, y: y - box.heightPx / 2, ...box };
    }),
    edges: edges.map((edge) => ({
      ...edge,
      points: (graph.edge(edge.from, edge.to) as { points: Point[] }).points.map(({ x, y }) => ({ x, y })),
    })),
  };
}
