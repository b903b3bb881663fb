'use client';

import { defaultKeymap, history, historyKeymap } from '@codemirror/commands';
import { setDiagnostics, type Diagnostic } from '@codemirror/lint';
import { EditorState, StateEffect, StateField, type Extension } from '@codemirror/state';
import { Decoration, EditorView, WidgetType, keymap, placeholder, type DecorationSet } from '@codemirror/view';
import { useEffect, useRef } from 'react';

/** What stands beside a line of the text. */
export interface Beside {
  /** Where the line ends. */
  at: number;
  text: string;
  isRight: boolean;
}

interface PatternEditorProps {
  /** What it shows to begin with; it is its own from then on. */
  text: string;
  /** A text that takes the place of all of it, when its number grows. */
  replaced: { text: string; number: number };
  /** What is said of the text, as it stands; null while it is read: what was said moves along with its words. */
  said: { diagnostics: readonly Diagnostic[]; beside: readonly Beside[] } | null;
  /** Where the cursor is to go, when its number grows. */
  goTo: { at: number; number: number };
  onChange: (text: string) => void;
  onCursor: (at: number) => void;
}

/** A count at the end of its row. It is no part of the text. */
class BesideWidget extends WidgetType {
  constructor(readonly beside: Beside) {
    super();
  }
  override eq(other: BesideWidget): boolean {
    return other.beside.text === this.beside.text && other.beside.isRight === this.beside.isRight;
  }
  override toDOM(): HTMLElement {
    const chip = document.createElement('span');
    chip.className = `cm-beside${this.beside.isRight ? '' : ' cm-wrong'}`;
    chip.textContent = this.beside.text;
    chip.setAttribute('aria-hidden', 'true');
    return chip;
  }
}

const setBeside = StateEffect.define<readonly Beside[]>();
const besideField = StateField.define<DecorationSet>({
  create: () => Decoration.none,
  update(shown, { changes, effects, newDoc }) {
    let now = shown.map(changes);
    for (const effect of effects)
      if (effect.is(setBeside))
        now = Decoration.set(
          effect.value
            .filter(({ at }) => at <= newDoc.length)
            .map((beside) => Decoration.widget({ widget: new BesideWidget(beside), side: 1 }).range(beside.at)),
          true,
        );
    return now;
  },
  provide: (field) => EditorView.decorations.from(field),
});

const LOOK: Extension = EditorView.theme({
  '&': { backgroundColor: 'var(--chakra-colors-paper)', color: 'var(--chakra-colors-ink)', fontSize: '15px' },
  '&.cm-focused': { outline: '3px solid var(--chakra-colors-brass-deep)', outlineOffset: '1px' },
  '.cm-scroller': { fontFamily: 'inherit', lineHeight: '1.75', minHeight: '22rem' },
  '.cm-content': { padding: '12px 8px' },
  '.cm-beside': {
    marginLeft: '10px',
    padding: '0 6px',
    fontSize: '12.5px',
    border: '1px solid var(--chakra-colors-counter-edge)',
    background: 'var(--chakra-colors-brass-pale)',
    whiteSpace: 'nowrap',
  },
  '.cm-beside.cm-wrong': { border: '2px solid var(--chakra-colors-decide)', fontWeight: '700' },
  '.cm-lintRange-error': {
    backgroundImage: 'none',
    textDecoration: 'underline wavy 2px var(--chakra-colors-decide)',
    textUnderlineOffset: '4px',
    backgroundColor: 'var(--chakra-colors-brass-pale)',
  },
  '.cm-placeholder': { color: 'var(--chakra-colors-ink-soft)' },
  '.cm-tooltip': { backgroundColor: 'var(--chakra-colors-paper)', border: '1px solid var(--chakra-colors-ink-soft)' },
});

/** A pattern to be typed or pasted, with its faults at their words and its counts beside its rows. */
export function PatternEditor({ text, replaced, said, goTo, onChange, onCursor }: PatternEditorProps) {
  const place = useRef<HTMLDivElement>(null);
  const view = useRef<EditorView | null>(null);
  const told = useRef({ onChange, onCursor });
  useEffect(() => {
    told.current = { onChange, onCursor };
  }, [onChange, onCursor]);
  const first = useRef(text);
  useEffect(() => {
    if (!place.current) return;
    const editor = new EditorView({
      parent: place.current,
      state: EditorState.create({
        doc: first.current,
        extensions: [
          history(),
          keymap.of([...defaultKeymap, ...historyKeymap]),
          EditorView.lineWrapping,
          besideField,
          LOOK,
          placeholder(
            'Paste a pattern here, or type it: Ch 26. Row 1: sc in 2nd ch from hook and in each ch across. (25)',
          ),
          EditorView.contentAttributes.of({ 'aria-label': 'The pattern', spellcheck: 'false' }),
          EditorView.updateListener.of((update) => {
            if (update.docChanged) told.current.onChange(update.state.doc.toString());
            if (update.docChanged || update.selectionSet) told.current.onCursor(update.state.selection.main.head);
          }),
        ],
      }),
    });
    view.current = editor;
    return () => editor.destroy();
  }, []);
  useEffect(() => {
    const editor = view.current;
    if (!editor || replaced.number === 0) return;
    editor.dispatch({ changes: { from: 0, to: editor.state.doc.length, insert: replaced.text } });
  }, [replaced]);
  useEffect(() => {
    const editor = view.current;
    if (!editor || !said) return;
    const { length } = editor.state.doc;
    const within = said.diagnostics.filter(({ to }) => to <= length);
    editor.dispatch(setDiagnostics(editor.state, within), { effects: setBeside.of(said.beside) });
  }, [said]);
  useEffect(() => {
    const editor = view.current;
    if (!editor || goTo.number === 0) return;
    editor.dispatch({ selection: { anchor: Math.min(goTo.at, editor.state.doc.length) }, scrollIntoView: true });
    editor.focus();
  }, [goTo]);
  return <div ref={place} data-testid="pattern-editor" />;
}
