import { layoutText } from './text.en-GB.js';
import { DndContext, PointerSensor, useDraggable, useSensor, useSensors, type DragEndEvent } from '@dnd-kit/core';
import type { Point } from '@keeper/core/domain/water/plan';
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
  /** A key is held: it moves, but is not put down yet. */
  readonly onNudge: (id: string, to: Point) => void;
}

/** One press of an arrow key, in metres; with the shift key five times as far. */
const KEY_STEP_M = 0.1;

const ARROWS: Readonly<Record<string, Point>> = {
  ArrowLeft: { xM: -1, yM: 0 },
  ArrowRight: { xM: 1, yM: 0 },
  ArrowUp: { xM: 0, yM: 1 },
  ArrowDown: { xM: 0, yM: -1 },
};

/** Handles over the drawing: dragged by mouse and finger, moved by the arrow keys. */
export function PlanHandles({ handles, view, chosen, onChoose, onMove, onNudge }: PlanHandlesProps) {
  const area = useRef<HTMLDivElement>(null);
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 4 } }));
  const end = ({ active, delta }: DragEndEvent) => {
    const handle = handles.find(({ id }) => id === active.id);
    const box = area.current?.getBoundingClientRect();
    if (!handle || !box) return;
    onMove(
      handle.id,
      onTheSwim({
        xM: handle.xM + (delta.x / box.width) * widthM(view),
        yM: handle.yM - (delta.y / box.height) * heightM(view),
      }),
    );
  };
  return (
    <DndContext
      sensors={sensors}
      onDragStart={({ active }) => onChoose(String(active.id))}
      onDragEnd={end}
      accessibility={{
        screenReaderInstructions: {
          draggable: layoutText.moveItWithThe,
        },
      }}
    >
      <div ref={area} className="absolute inset-0">
        {handles.map((handle) => (
          <OneHandle
            key={handle.id}
            handle={handle}
            view={view}
            chosen={handle.id === chosen}
            onChoose={onChoose}
            onArrow={(by) => onNudge(handle.id, onTheSwim({ xM: handle.xM + by.xM, yM: handle.yM + by.yM }))}
            onPutDown={() => onMove(handle.id, { xM: handle.xM, yM: handle.yM })}
          />
        ))}
      </div>
    </DndContext>
  );
}

/** Kept on the swim, to the nearest five centimetres. */
function onTheSwim({ xM, yM }: Point): Point {
  const { leftM, rightM, topM, bottomM } = WHOLE_SWIM;
  return { xM: within(xM, leftM, rightM), yM: within(yM, bottomM, topM) };
}

function within(value: number, least: number, most: number): number {
  return Math.round(Math.min(most, Math.max(least, value)) * 20) / 20;
}

interface OneHandleProps {
  readonly handle: Handle;
  readonly view: PlanView;
  readonly chosen: boolean;
  readonly onChoose: (id: string) => void;
  readonly onArrow: (by: Point) => void;
  readonly onPutDown: () => void;
}

function OneHandle({ handle, view, chosen, onChoose, onArrow, onPutDown }: OneHandleProps) {
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
      onKeyDown={(event) => {
        const by = ARROWS[event.key];
        if (!by) return;
        event.preventDefault();
        onChoose(handle.id);
        const stepM = event.shiftKey ? 5 * KEY_STEP_M : KEY_STEP_M;
        onArrow({ xM: by.xM * stepM, yM: by.yM * stepM });
      }}
      onKeyUp={(event) => {
        if (event.key in ARROWS) onPutDown();
      }}
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
