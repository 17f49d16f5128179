'use client';

import { useEffect, useRef, useState } from 'react';
import { useUnits } from '@/ui/units/UnitsContext';
import { say, sayTrouble } from '@/ui/layout/say';
import { steadily } from '@/ui/layout/steadily';
import { useEditorState, usePlan, useResult, useShown } from '../editor/EditorContext';
import { useFieldNames } from '../useFieldNames';
import { answerText } from '../words';

/** After the hand rests this long, the answer is said. */
const SAY_AFTER_MS = 900;

/** What the page says by itself: the answer, what was refused, what a change brought into the food. */
export function PlanNotices() {
  useRefusals();
  useContentsChanges();
  useTabTitle();
  return <SpokenAnswer />;
}

/** The answer for those who hear the page: once, whole, when the hand rests. */
function SpokenAnswer() {
  const { result } = useShown();
  const { text } = useUnits();
  const answer = answerText(result, text);
  const first = useRef(answer);
  const [spoken, speak] = useState('');
  useEffect(() => {
    if (answer === first.current) return;
    const timer = setTimeout(() => {
      first.current = '';
      speak(answer);
    }, SAY_AFTER_MS);
    return () => clearTimeout(timer);
  }, [answer]);
  return (
    <p role="status" aria-atomic="true" className="sr-only" data-testid="spoken-answer">
      {spoken}
    </p>
  );
}

function useRefusals(): void {
  const refused = useEditorState((state) => state.refused);
  const restored = useEditorState((state) => state.restored);
  const joined = useFieldNames(useEditorState((state) => state.joined));
  useEffect(() => {
    if (joined.length > 0) {
      void say(`Another window changed ${joined.join(', ')}: it came in here, and yours stays.`);
    }
  }, [joined]);
  useEffect(() => {
    if (refused) void sayTrouble(`Not taken: ${refused}`);
  }, [refused]);
  useEffect(() => {
    if (restored) void say('What could not be saved last time has been brought back.');
  }, [restored]);
}

/** A substitution that changes who may eat it says so, whatever made it. */
function useContentsChanges(): void {
  const now = useResult((result) => result.contents.piece);
  const contents = useRef(now);
  useEffect(() => {
    const before = contents.current;
    contents.current = now;
    if (JSON.stringify(before) === JSON.stringify(now)) return;
    void steadily(() => import('../contentsWords')).then(({ sayContents }) =>
      sayContents(before, now),
    );
  }, [now]);
}

/** The tab follows the plan's name. */
function useTabTitle(): void {
  const name = usePlan((plan) => plan.name);
  const first = useRef(name);
  useEffect(() => {
    if (name === first.current) return;
    first.current = name;
    document.title = `${name} · Mortar Sheet`;
  }, [name]);
}
