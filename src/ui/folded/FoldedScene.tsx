'use client';

import { Canvas, useThree, type ThreeEvent } from '@react-three/fiber';
import { useEffect, useLayoutEffect, useMemo, useRef } from 'react';
import {
  BufferAttribute,
  BufferGeometry,
  Color,
  DataTexture,
  InstancedMesh,
  LinearFilter,
  LinearMipmapLinearFilter,
  Matrix4,
  RGBAFormat,
  RepeatWrapping,
  SRGBColorSpace,
  SphereGeometry,
  type Texture,
} from 'three';
import { LineMaterial } from 'three/examples/jsm/lines/LineMaterial.js';
import { LineSegments2 } from 'three/examples/jsm/lines/LineSegments2.js';
import { LineSegmentsGeometry } from 'three/examples/jsm/lines/LineSegmentsGeometry.js';
import type { Vec } from '@/core/fold';
import type { Folded, Solid, SolidLine, View } from '@/drawing';
import type { CLOTHS } from '@/ui/theme/colours';
import { INK_COLOUR, LIT_COLOUR, STUFF_COLOURS } from './colours';
import { useFabricTextures, type FaceOfPiece, type WornTexture } from './useFabricTextures';

interface SceneProps {
  folded: Folded;
  view: View;
  pxPerMm: number;
  cloth: (typeof CLOTHS)[keyof typeof CLOTHS];
  selection: string | null;
  onSelect: (mark: string | null) => void;
  /** The picture can't be drawn this way after all. */
  onLost: () => void;
  /** Told once, when the first picture is there. */
  onFirst: () => void;
}

/** The folded bag in space, drawn by the graphics hardware, only when something has changed. */
export default function FoldedScene(props: SceneProps) {
  const { folded, view, pxPerMm, cloth, selection, onSelect, onLost, onFirst } = props;
  const { middle } = folded;
  const worn = useFabricTextures(folded.design, folded.plan);
  const rows = useMemo(() => rowTexture(cloth.cloth, cloth.thread), [cloth]);
  useEffect(() => () => rows.dispose(), [rows]);
  return (
    <Canvas
      orthographic
      flat
      frameloop="demand"
      dpr={[1, 2]}
      camera={EYE}
      gl={{ antialias: true, alpha: true }}
      onPointerMissed={() => onSelect(null)}
      onCreated={({ gl }) => {
        gl.domElement.addEventListener('webglcontextlost', onLost);
      }}
      style={{ position: 'absolute', inset: 0 }}
      tabIndex={-1}
    >
      <First onFirst={onFirst} />
      <ambientLight intensity={2} />
      <directionalLight position={[-350, 750, 560]} intensity={1.5} />
      {/* The picture is to scale: a millimetre of the bag is so many pixels. */}
      <group scale={pxPerMm} position={[0, -view.upMm * pxPerMm, 0]} rotation={[view.pitchRad, view.yawRad, 0]}>
        {/* x runs away from the eye and z to the right. */}
        <group rotation={[0, Math.PI / 2, 0]}>
          <group position={[-middle.x, -middle.y, -middle.z]}>
            {folded.mesh.solids.map((solid, index) => (
              <SolidMesh
                key={`${solid.stuff} ${index}`}
                solid={solid}
                colour={solid.stuff === 'cloth' ? WHITE : STUFF_COLOURS[solid.stuff]}
                rows={solid.stuff === 'cloth' ? rows : null}
                worn={wornBy(solid, worn)}
                rim={cloth.cloth}
                isLit={solid.mark === selection}
                onSelect={onSelect}
              />
            ))}
            <Lines lines={folded.mesh.lines.filter(isFold)} colour={cloth.chalk} widthPx={2} dashed />
            <Lines lines={folded.mesh.lines.filter(isEdge)} colour={cloth.chalk} widthPx={2} />
            <Lines lines={folded.mesh.lines.filter(isSide)} colour={INK_COLOUR} widthPx={1.2} />
            <Lines lines={folded.mesh.lines.filter(({ mark }) => mark === selection)} colour={LIT_COLOUR} widthPx={5} />
            {folded.bumps.points.length > 0 && worn.size === 0 && <Bumps {...folded.bumps} colour={cloth.thread} />}
          </group>
        </group>
      </group>
    </Canvas>
  );
}

/** The eye, farther off than any bag reaches at any scale. Without perspective a unit is a pixel. */
const EYE = { position: [0, 0, 8000] as [number, number, number], near: 1, far: 16000, zoom: 1 };

/** What a solid wears, once both faces of its piece are painted. */
function wornBy({ fabric }: Solid, worn: ReadonlyMap<FaceOfPiece, WornTexture>): SolidMeshProps['worn'] {
  if (fabric === null) return null;
  const outer = worn.get(`${fabric.worn} outer`);
  return outer ? { outer, inner: worn.get(`${fabric.worn} inner`) ?? outer } : null;
}

/** A texture's own colours, as they are. */
const WHITE = '#ffffff';

const isFold = ({ kind }: SolidLine): boolean => kind === 'fold';

const isEdge = ({ kind }: SolidLine): boolean => kind === 'edge';
const isSide = ({ kind }: SolidLine): boolean => kind === 'side';

/** Says when the first picture has been drawn. */
function First({ onFirst }: { onFirst: () => void }) {
  useEffect(() => {
    const frame = requestAnimationFrame(() => requestAnimationFrame(onFirst));
    return () => cancelAnimationFrame(frame);
  }, [onFirst]);
  return null;
}

interface SolidMeshProps {
  solid: Solid;
  colour: string;
  /** What its rows look like; null where it has none. */
  rows: Texture | null;
  /** The fabric that it wears on its outer face and within; null until that is painted. */
  worn: { outer: WornTexture; inner: WornTexture } | null;
  /** The colour of its rims. */
  rim: string;
  isLit: boolean;
  onSelect: (mark: string) => void;
}

/** How much the light makes of how far out the yarn lies. */
const BUMP_SCALE = 3;

function SolidMesh({ solid, colour, rows, worn, rim, isLit, onSelect }: SolidMeshProps) {
  const wears = worn !== null;
  const geometry = useMemo(() => {
    const made = new BufferGeometry();
    made.setAttribute('position', new BufferAttribute(solid.positions, 3));
    made.setAttribute('normal', new BufferAttribute(solid.normals, 3));
    made.setIndex(new BufferAttribute(solid.indices, 1));
    const { fabric } = solid;
    if (wears && fabric) {
      made.setAttribute('uv', new BufferAttribute(fabric.places, 2));
      made.addGroup(0, fabric.outer, 0);
      made.addGroup(fabric.outer, fabric.inner, 1);
      made.addGroup(fabric.outer + fabric.inner, solid.indices.length - fabric.outer - fabric.inner, 2);
    } else made.setAttribute('uv', new BufferAttribute(rowPlaces(solid.rows), 2));
    return made;
  }, [solid, wears]);
  useEffect(() => () => geometry.dispose(), [geometry]);
  const lit = { emissive: isLit ? LIT_COLOUR : '#000000', emissiveIntensity: isLit ? 0.55 : 0 };
  const take = (event: ThreeEvent<MouseEvent>) => {
    // A turn of the bag ends where it ends, and selects nothing.
    if (event.delta > 4) return;
    event.stopPropagation();
    onSelect(solid.mark);
  };
  return (
    <mesh geometry={geometry} onClick={take} key={wears ? 'worn' : 'plain'}>
      {worn === null ? (
        <meshLambertMaterial color={colour} map={rows} {...lit} />
      ) : (
        <>
          {[worn.outer, worn.inner].map(({ look, height }, index) => (
            <meshLambertMaterial
              key={index}
              attach={`material-${index}`}
              map={look}
              bumpMap={height}
              bumpScale={BUMP_SCALE}
              {...lit}
            />
          ))}
          <meshLambertMaterial attach="material-2" color={rim} {...lit} />
        </>
      )}
    </mesh>
  );
}

/** The cloth between two lines of rows, and half a line at either end. */
const ROW_PX = 32;
const LINE_PX = 2;

/** The cloth with its rows, from one line to the next: repeated along a sheet. */
function rowTexture(cloth: string, thread: string): Texture {
  const [ground, line] = [new Color(cloth), new Color(thread)];
  const data = new Uint8Array(4 * ROW_PX);
  for (let pixel = 0; pixel < ROW_PX; pixel += 1) {
    const { r, g, b } = pixel < LINE_PX || pixel >= ROW_PX - LINE_PX ? line : ground;
    // Told in the eye's scale, as they are chosen.
    const seenAs = new Color(r, g, b).convertLinearToSRGB();
    data.set([255 * seenAs.r, 255 * seenAs.g, 255 * seenAs.b, 255], 4 * pixel);
  }
  const texture = new DataTexture(data, 1, ROW_PX, RGBAFormat);
  texture.colorSpace = SRGBColorSpace;
  texture.wrapS = RepeatWrapping;
  texture.wrapT = RepeatWrapping;
  texture.magFilter = LinearFilter;
  texture.minFilter = LinearMipmapLinearFilter;
  texture.generateMipmaps = true;
  texture.anisotropy = 8;
  texture.needsUpdate = true;
  return texture;
}

/** Where each corner lies in it: any place across, so many lines along. */
function rowPlaces(rows: Float32Array): Float32Array {
  const places = new Float32Array(2 * rows.length);
  rows.forEach((row, index) => (places[2 * index + 1] = row));
  return places;
}

interface LinesProps {
  lines: readonly SolidLine[];
  colour: string;
  widthPx: number;
  dashed?: boolean;
}

/** Lines of one look, drawn as one. */
function Lines({ lines, colour, widthPx, dashed = false }: LinesProps) {
  const size = useThree((state) => state.size);
  const drawn = useMemo(() => {
    const ends = lines.flatMap(({ points }) =>
      points.slice(1).flatMap(({ x, y, z }, index) => {
        const from = points[index] as Vec;
        return [from.x, from.y, from.z, x, y, z];
      }),
    );
    if (ends.length === 0) return null;
    const geometry = new LineSegmentsGeometry().setPositions(ends);
    const material = new LineMaterial({
      color: new Color(colour).getHex(),
      linewidth: widthPx,
      dashed,
      dashSize: 6,
      gapSize: 3.5,
    });
    const made = new LineSegments2(geometry, material);
    made.computeLineDistances();
    made.raycast = () => {};
    return made;
  }, [lines, colour, widthPx, dashed]);
  useLayoutEffect(() => {
    drawn?.material.resolution.set(size.width, size.height);
  }, [drawn, size]);
  useEffect(
    () => () => {
      drawn?.geometry.dispose();
      drawn?.material.dispose();
    },
    [drawn],
  );
  return drawn ? <primitive object={drawn} /> : null;
}

const BUMP = new SphereGeometry(1, 8, 6);

/** Where the stitch stands out: a spot each, all drawn as one. */
function Bumps({ points, radiusMm, colour }: { points: readonly Vec[]; radiusMm: number; colour: string }) {
  const ref = useRef<InstancedMesh>(null);
  const invalidate = useThree((state) => state.invalidate);
  useLayoutEffect(() => {
    const mesh = ref.current;
    if (!mesh) return;
    const place = new Matrix4();
    points.forEach(({ x, y, z }, index) => {
      place.makeScale(radiusMm, radiusMm, radiusMm).setPosition(x, y, z);
      mesh.setMatrixAt(index, place);
    });
    mesh.instanceMatrix.needsUpdate = true;
    invalidate();
  }, [points, radiusMm, invalidate]);
  return (
    <instancedMesh ref={ref} key={points.length} args={[BUMP, undefined, points.length]} raycast={() => {}}>
      <meshLambertMaterial color={colour} />
    </instancedMesh>
  );
}
