import type { StationName } from '../../api/types';
import { brief } from './brief';
import { burnout } from './burnout';
import { finish } from './finish';
import { form } from './form';
import { handover } from './handover';
import { join } from './join';
import { pour } from './pour';
import { set } from './set';
import { sizing } from './sizing';
import type { StationPage } from './StationPage';
import { stones } from './stones';
import { tree } from './tree';
import { wax } from './wax';

/** The page of every station. */
export const STATIONS: Record<StationName, StationPage> = {
    brief,
    form,
    sizing,
    stones,
    wax,
    tree,
    burnout,
    pour,
    join,
    set,
    finish,
    handover,
};
