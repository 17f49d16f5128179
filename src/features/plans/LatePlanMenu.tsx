'use client';

import { later } from '@/ui/layout/later';
import type { PlanMenuProps } from './PlanMenu';

const PlanMenu = later(() => import('./PlanMenu'));

/** The menu of a plan, in its place from the start; what it opens with comes after the page. */
export const LatePlanMenu = (props: PlanMenuProps) => (
  <span className="inline-block h-11 w-11">
    <PlanMenu {...props} />
  </span>
);
