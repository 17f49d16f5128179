'use client';

import { Tabs } from '@/ui/layout/Tabs';
import { StripPanel } from '../StripPanel';
import { FillInTime } from './FillInTime';
import { HangTest } from './HangTest';
import { LadderPanel } from './LadderPanel';
import { TrimAndDust } from './TrimAndDust';

/** What the sheet comes to: passes, pattern, open time, trim, and the test that measures it. */
export function SheetPanel() {
  return (
    <Tabs
      name="sheet"
      label="Sheet"
      tabs={[
        { id: 'ladder', label: 'Passes', content: <LadderPanel /> },
        { id: 'strip', label: 'One sheet', content: <StripPanel /> },
        { id: 'time', label: 'Fill in time', content: <FillInTime /> },
        { id: 'trim', label: 'Trim and dust', content: <TrimAndDust /> },
        { id: 'hang', label: 'Home test', content: <HangTest /> },
      ]}
    />
  );
}
