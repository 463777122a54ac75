import {
  DndContext,
  KeyboardSensor,
  PointerSensor,
  useDraggable,
  useSensor,
  useSensors,
  type DragEndEvent,
  type KeyboardCoordinateGetter,
} from '@dnd-kit/core';
import type { Point } from '@keeper/core/bank/plan';
import { useRef } from 'react';
import { heightM, WHOLE_SWIM, widthM, type PlanView } from './PlanDrawing.js';

/** Something on the plan that can be moved. */
export interface Handle extends Point {
  readonly id: string;
  readonly name: string;
}

interface PlanHandlesProps {
  readonly handles: readonly Handle[];
  readonly view: PlanView;
  readonly chosen: string | null;
  readonly onChoose: (id: string) => void;
  readonly onMove: (id: string, to: Point) => void;
}

/** One press of an arrow key, in pixels of the drawing. */
const KEY_STEP_PX = 12;

const byArrows: KeyboardCoordinateGetter = (event, { currentCoordinates: { x, y } }) => {
  const by = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.code];
  return by ? { x: x + (by[0] ?? 0) * KEY_STEP_PX, y: y + (by[1] ?? 0) * KEY_STEP_PX } : undefined;
};

/** Handles over the drawing: dragged by mouse and finger; by keyboard taken with the space bar, moved by arrows, put down again. */
export function PlanHandles({ handles, view, chosen, onChoose, onMove }: PlanHandlesProps) {
  const area = useRef<HTMLDivElement>(null);
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, { coordinateGetter: byArrows }),
  );
  const end = ({ active, delta }: DragEndEvent) => {
    const handle = handles.find(({ id }) => id === active.id);
    const box = area.current?.getBoundingClientRect();
    if (!handle || !box) return;
    onMove(handle.id, {
      xM: within(handle.xM + (delta.x / box.width) * widthM(view), WHOLE_SWIM.leftM, WHOLE_SWIM.rightM),
      yM: within(handle.yM - (delta.y / box.height) * heightM(view), WHOLE_SWIM.bottomM, WHOLE_SWIM.topM),
    });
  };
  return (
    <DndContext
      sensors={sensors}
      onDragStart={({ active }) => onChoose(String(active.id))}
      onDragEnd={end}
      accessibility={{
        screenReaderInstructions: {
          draggable:
            'Press space to take it up, move it with the arrow keys, and press space again to put it down. Escape leaves it where it was.',
        },
      }}
    >
      <div ref={area} className="absolute inset-0">
        {handles.map((handle) => (
          <OneHandle key={handle.id} handle={handle} view={view} chosen={handle.id === chosen} onChoose={onChoose} />
        ))}
      </div>
    </DndContext>
  );
}

function within(value: number, least: number, most: number): number {
  return Math.round(Math.min(most, Math.max(least, value)) * 20) / 20;
}

interface OneHandleProps {
  readonly handle: Handle;
  readonly view: PlanView;
  readonly chosen: boolean;
  readonly onChoose: (id: string) => void;
}

function OneHandle({ handle, view, chosen, onChoose }: OneHandleProps) {
  const { attributes, listeners, setNodeRef, transform, isDragging } = useDraggable({ id: handle.id });
  const left = (handle.xM - view.leftM) / widthM(view);
  const top = (view.topM - handle.yM) / heightM(view);
  const moved = transform ? `translate(${transform.x}px, ${transform.y}px)` : '';
  return (
    <button
      ref={setNodeRef}
      type="button"
      {...attributes}
      {...listeners}
      aria-label={handle.name}
      title={handle.name}
      aria-pressed={chosen}
      onClick={() => onChoose(handle.id)}
      className={`absolute grid size-11 cursor-grab touch-none place-items-center rounded-full ${chosen || isDragging ? 'z-10' : ''} ${isDragging ? 'border-2 border-ink bg-leaf/60' : ''}`}
      style={{ left: `${left * 100}%`, top: `${top * 100}%`, transform: `translate(-50%, -50%) ${moved}` }}
    >
      {(chosen || isDragging) && (
        <span className="absolute top-full mt-0.5 rounded bg-leaf px-1.5 text-sm font-semibold whitespace-nowrap">
          {handle.name}
        </span>
      )}
    </button>
  );
}
