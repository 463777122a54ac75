import { DndContext, PointerSensor, useDraggable, useDroppable, useSensor, useSensors } from '@dnd-kit/core';
import { SHEET_FIELDS, type Mapping, type SheetField } from '@keeper/core/sheet/sheetField';
import { Picker } from '../../parts/Picker.js';
import type { TableFound } from '../../workers/sheetDesk.js';
import { sheetText } from './text.en-GB.js';

interface ColumnsProps {
  readonly table: TableFound;
  readonly mapping: Mapping;
  readonly onChange: (mapping: Mapping) => void;
}

const OUT = 'out';
/** A finger that only wants to choose does not drag. */
const DRAG_FROM_PX = 6;

/** What each column of the sheet is: by dragging a word onto it, or by choosing. */
export function Columns({ table, mapping, onChange }: ColumnsProps) {
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: DRAG_FROM_PX } }));
  const give = (column: number, field: SheetField | null) =>
    onChange(
      mapping.map((before, i) => {
        if (i === column) return field;
        // All but the note is told by one column alone.
        return before === field && field !== 'note' ? null : before;
      }),
    );
  return (
    <DndContext
      sensors={sensors}
      onDragEnd={({ active, over }) => over && give(Number(over.id), active.id as SheetField)}
    >
      <p className="mb-2 text-sm text-soft">{sheetText.columnsHow}</p>
      <ul className="mb-4 hidden flex-wrap gap-2 md:flex" aria-hidden>
        {SHEET_FIELDS.map((field) => (
          <FieldWord key={field} field={field} isUsed={mapping.includes(field)} />
        ))}
      </ul>
      <ul className="grid grid-cols-[repeat(auto-fill,minmax(11rem,1fr))] gap-3">
        {table.headings.map((heading, column) => (
          <Column
            key={column}
            column={column}
            heading={heading.trim() || sheetText.columnNumber({ number: column + 1 })}
            examples={table.examples[column] ?? []}
            field={mapping[column] ?? null}
            onGive={(field) => give(column, field)}
          />
        ))}
      </ul>
    </DndContext>
  );
}

function FieldWord({ field, isUsed }: { field: SheetField; isUsed: boolean }) {
  const { listeners, setNodeRef, transform } = useDraggable({ id: field });
  return (
    <li
      ref={setNodeRef}
      {...listeners}
      style={transform ? { transform: `translate(${transform.x}px, ${transform.y}px)` } : undefined}
      className={`relative touch-none cursor-grab rounded-full bg-paper border px-4 py-1.5 select-none ${transform ? 'z-10' : ''} ${isUsed ? 'border-rule text-soft' : 'border-ink'}`}
    >
      {sheetText.fields[field]}
    </li>
  );
}

interface ColumnProps {
  readonly column: number;
  readonly heading: string;
  readonly examples: readonly string[];
  readonly field: SheetField | null;
  readonly onGive: (field: SheetField | null) => void;
}

function Column({ column, heading, examples, field, onGive }: ColumnProps) {
  const { setNodeRef, isOver } = useDroppable({ id: column });
  return (
    <li
      ref={setNodeRef}
      className={`grid content-start gap-1 rounded-xl border p-3 ${isOver ? 'border-water' : 'border-rule'} ${field === null ? 'text-soft' : ''}`}
    >
      <p className="truncate font-semibold">{heading}</p>
      <p className="h-12 overflow-hidden text-sm text-soft">{examples.join(' · ')}</p>
      <Picker
        label={sheetText.whatIs({ heading })}
        value={field ?? OUT}
        onChange={(chosen) => onGive(chosen === OUT ? null : (chosen as SheetField))}
        options={[
          { value: OUT, label: sheetText.leaveOut },
          ...SHEET_FIELDS.map((each) => ({ value: each, label: sheetText.fields[each] })),
        ]}
      />
    </li>
  );
}
