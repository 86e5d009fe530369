import { defaultKeymap, history, historyKeymap } from '@codemirror/commands';
import { EditorState } from '@codemirror/state';
import { EditorView, keymap, lineNumbers } from '@codemirror/view';
import { useEffect, useRef } from 'preact/hooks';
import { findingMarks, type Marks, setMarks } from './finding-marks.ts';

/** A text to put into the editor; each new object replaces what stands there. */
export interface Loaded {
  readonly text: string;
}

export interface HelpEditorProps {
  readonly loaded: Loaded;
  readonly marks: Marks;
  readonly onText: (text: string) => void;
  /** Called with the offset at which the reader clicked. */
  readonly onPoint: (offset: number) => void;
}

/**
 * An editor for help output, in which findings are marked. It owns its text, and tells of every change: a text handed
 * back to it would undo what was typed meanwhile.
 */
export function HelpEditor({ loaded, marks, onText, onPoint }: HelpEditorProps) {
  const parent = useRef<HTMLDivElement>(null);
  const view = useRef<EditorView>(undefined);
  const calls = useRef({ onText, onPoint });
  calls.current = { onText, onPoint };

  useEffect(() => {
    if (parent.current === null) return;
    const editor = new EditorView({
      parent: parent.current,
      state: EditorState.create({
        doc: loaded.text,
        extensions: [
          lineNumbers(),
          history(),
          keymap.of([...defaultKeymap, ...historyKeymap]),
          findingMarks,
          EditorView.contentAttributes.of({ 'aria-label': 'Help output' }),
          EditorView.updateListener.of((update) => {
            if (update.docChanged) calls.current.onText(update.state.doc.toString());
          }),
          EditorView.domEventHandlers({
            click(event, clicked) {
              const offset = clicked.posAtCoords({
                x: event.clientX,
                y: event.clientY,
              });
              if (offset !== null) calls.current.onPoint(offset);
            },
          }),
        ],
      }),
    });
    view.current = editor;
    return () => editor.destroy();
    // The editor is made once; later texts and marks reach it by the effects below.
  }, []);

  useEffect(() => {
    const editor = view.current;
    if (editor === undefined || editor.state.doc.toString() === loaded.text) return;
    editor.dispatch({ changes: { from: 0, to: editor.state.doc.length, insert: loaded.text } });
    editor.scrollDOM.scrollTop = 0;
  }, [loaded]);

  useEffect(() => {
    view.current?.dispatch({ effects: setMarks.of(marks) });
  }, [marks]);

  const chosenPlace = marks.chosen?.place;
  useEffect(() => {
    const editor = view.current;
    if (editor === undefined || chosenPlace == null || chosenPlace.end > editor.state.doc.length) return;
    editor.dispatch({
      effects: EditorView.scrollIntoView(chosenPlace.start, { y: 'center' }),
    });
  }, [chosenPlace]);

  return <div class="editor" ref={parent} />;
}
