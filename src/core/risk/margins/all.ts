import { burst } from './burst';
import { face } from './face';
import { lift } from './lift';
import { lip } from './lip';
import { open } from './open';
import { seal } from './seal';
import { seep } from './seep';
import { thinning } from './thinning';

/** Every margin there is, in the order of the work. A further one is a file of its own and one more entry. */
export const ALL = [lip, thinning, open, seal, seep, lift, burst, face] as const;
