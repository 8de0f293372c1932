import { OfflineError, Refusal, send, Trouble } from '../api/client';
import { newKey } from '../api/keys';
import type { Errors, Job, Kept } from '../api/types';
import { pathWords } from '../shell/catalogue';
import { NOTHING, sendable, type Draft, type Sent, type Viewed, type Waiting } from './draft';
import { held, isGone } from './held';
import { keepDraft, keptDrafts } from './keptDrafts';

/** Edits made within the first go as one entry; what failed is tried again after the second. ms */
const [GATHER, AGAIN] = [250, 4000];

/**
 * What waits in this browser, job by job, and belongs to who typed it. It outlives the page and the line, is sent for
 * the job that it was typed into whichever is on screen, and is asked about where another screen was first.
 */
class Drafts {
    private person = 0;
    private all = new Map<number, Draft>();
    private timers = new Map<number, ReturnType<typeof setTimeout>>();
    private saving = new Map<number, Promise<void>>();
    /** Versions in a row that saves of this screen made. */
    private own = new Map<number, { from: number; to: number }>();
    private listeners = new Set<() => void>();
    private viewed: Viewed | null = null;
    private savedListeners = new Set<(job: Job) => void>();

    readonly subscribe = (listener: () => void) => {
        this.listeners.add(listener);
        return () => this.listeners.delete(listener);
    };

    readonly of = (number: number): Draft => this.all.get(number) ?? NOTHING;
    private list: { number: number; count: number; trouble: string | null }[] = [];
    /** Jobs with something waiting; the same list while nothing changes. */
    readonly waiting = () => this.list;

    /** Says which page is on screen. */
    view(viewed: Viewed) {
        this.viewed = viewed;
    }

    /** Tells of each job as the application answers it. */
    onSaved(listener: (job: Job) => void) {
        this.savedListeners.add(listener);
        return () => {
            this.savedListeners.delete(listener);
        };
    }

    /** Takes up what this person left in this browser. */
    begin(person: number) {
        if (person === this.person) return;
        this.person = person;
        this.timers.forEach(clearTimeout);
        this.timers.clear();
        this.all = keptDrafts(person);
        this.tell();
        this.all.forEach((_, number) => this.plan(number));
    }

    /** Types at a path: from what the job held, or what is already being changed. */
    edit(number: number, job: Job, path: string, to: unknown, settled: boolean) {
        const draft = this.of(number);
        const now = draft.waiting[path];
        const onItsWay = draft.sent?.changes.some((change) => change.path === path) ?? false;
        const from = now ? now.from : held(job, path);
        const was = (from as Kept | null)?.typed ?? null;
        const waiting = { ...draft.waiting };
        delete waiting[path];
        if (onItsWay || !(to === was || (to === null && from === null)))
            waiting[path] = { from, to, settled };
        this.put(number, { ...draft, waiting });
        this.plan(number);
    }

    /** A figure is left: what stands there is meant. */
    settle(number: number, path?: string) {
        const draft = this.of(number);
        const loose = Object.keys(draft.waiting).filter(
            (one) => (path === undefined || one === path) && !draft.waiting[one]!.settled,
        );
        if (loose.length === 0) return;
        const waiting = { ...draft.waiting };
        loose.forEach((one) => (waiting[one] = { ...waiting[one]!, settled: true }));
        this.put(number, { ...draft, waiting });
        this.plan(number);
    }

    /** What the application would not take of these values. */
    refuse(number: number, values: Waiting, errors: Errors) {
        const draft = this.of(number);
        const refused = { ...draft.refused };
        for (const [path, messages] of Object.entries(errors))
            if (path in values) refused[path] = { to: values[path]!.to, messages };
        const loose = Object.keys(errors).filter((path) => !(path in values));
        const notice = loose.flatMap((path) => errors[path] ?? []).join(' ') || draft.notice;
        this.put(number, { ...draft, refused, notice });
    }

    setNotice(number: number, notice: string | null) {
        this.put(number, { ...this.of(number), notice });
    }

    /** Answers a clash: mine goes over what is there now, or theirs stays. */
    answer(number: number, mine: boolean) {
        const draft = this.of(number);
        const waiting = { ...draft.waiting };
        for (const clash of draft.clashes) {
            const edit = waiting[clash.path];
            delete waiting[clash.path];
            if (mine && edit) waiting[clash.path] = { ...edit, from: clash.present };
        }
        this.put(number, { ...draft, waiting, clashes: [] });
        this.plan(number);
    }

    /** Sends what is whole; whoever listens is told the job as it then stands. */
    save(number: number): Promise<void> {
        const running = this.saving.get(number);
        if (running) return running;
        const save = this.sent(number).finally(() => this.saving.delete(number));
        this.saving.set(number, save);
        return save;
    }

    /** Leaves nothing half done: everything is whole, and goes now. */
    async flush(number: number): Promise<void> {
        this.settle(number);
        await this.saving.get(number);
        await this.save(number);
    }

    private async sent(number: number): Promise<void> {
        const draft = this.of(number);
        const changes = draft.clashes.length > 0 ? [] : sendable(draft);
        const { station, setting } = this.viewed?.number === number ? this.viewed : {};
        const sent = draft.sent ?? { key: newKey(), changes, station };
        if (sent.changes.length === 0) return;
        this.put(number, { ...draft, sent });
        try {
            const job = await send<Job>(
                'POST',
                `jobs/${number}/changes`,
                { changes: sent.changes, station: sent.station, setting },
                { key: sent.key, ask: false },
            );
            this.taken(number, sent, job);
        } catch (error) {
            this.failed(number, sent, error);
        }
    }

    /** The version that saves of this screen alone made of the one that was seen; null where somebody else's lies between. */
    reached(number: number, seen: number): number | null {
        const own = this.own.get(number);
        if (!own || own.to <= seen) return seen;
        return own.from <= seen ? own.to : null;
    }

    private taken(number: number, sent: Sent, job: Job) {
        const draft = this.of(number);
        const own = this.own.get(number);
        const before = job.version - 1;
        this.own.set(number, { from: own?.to === before ? own.from : before, to: job.version });
        const waiting: Waiting = {};
        const dropped: string[] = [];
        for (const [path, edit] of Object.entries(draft.waiting)) {
            const went = sent.changes.find((change) => change.path === path);
            if (went && went.to === edit.to) continue;
            if (isGone(job, path)) dropped.push(`${pathWords(path)} ${String(edit.to)}`);
            // Typed on while it was being saved: what was saved is what it now changes from.
            else waiting[path] = went ? { ...edit, from: held(job, path) } : edit;
        }
        this.put(number, {
            ...draft,
            waiting,
            sent: null,
            trouble: null,
            notice:
                dropped.length > 0
                    ? `That row was taken out on another screen: ${dropped.join(', ')}.`
                    : draft.notice,
        });
        this.savedListeners.forEach((listener) => listener(job));
        this.plan(number);
    }

    private failed(number: number, sent: Sent, error: unknown) {
        const draft = this.of(number);
        if (error instanceof OfflineError) this.put(number, { ...draft, trouble: 'line' });
        else if (error instanceof Trouble) this.put(number, { ...draft, trouble: error.message });
        else if (error instanceof Refusal && error.status === 409 && error.clashes.length > 0)
            this.put(number, { ...draft, sent: null, trouble: null, clashes: error.clashes });
        else if (error instanceof Refusal && error.status === 422) {
            this.put(number, { ...draft, sent: null, trouble: null });
            this.refuse(
                number,
                Object.fromEntries(sent.changes.map((one) => [one.path, { ...one, settled: true }])),
                error.errors,
            );
        } else
            this.put(number, {
                ...draft,
                sent: null,
                trouble: error instanceof Error ? error.message : String(error),
            });
        // Signed out, or not for this role: it waits until something changes.
        const waits = error instanceof Refusal && [401, 403, 404].includes(error.status);
        if (!waits) this.plan(number, AGAIN);
    }

    private plan(number: number, after = GATHER) {
        clearTimeout(this.timers.get(number));
        const draft = this.of(number);
        if (draft.sent === null && (draft.clashes.length > 0 || sendable(draft).length === 0)) return;
        this.timers.set(
            number,
            setTimeout(() => void this.save(number), after),
        );
    }

    private put(number: number, draft: Draft) {
        const refused = Object.fromEntries(
            Object.entries(draft.refused).filter(([path, one]) => draft.waiting[path]?.to === one.to),
        );
        this.all.set(number, { ...draft, refused });
        keepDraft(this.person, number, draft);
        this.tell();
    }

    private tell() {
        this.list = [...this.all.entries()]
            .map(([number, draft]) => ({
                number,
                count: Object.keys(draft.waiting).length,
                trouble: draft.trouble,
            }))
            .filter((one) => one.count > 0);
        this.listeners.forEach((listener) => listener());
    }
}

export const drafts = new Drafts();

// Who leaves the page leaves the figure.
window.addEventListener('pagehide', () => drafts.waiting().forEach(({ number }) => drafts.settle(number)));
window.addEventListener(
    'online',
    () => void Promise.all(drafts.waiting().map(({ number }) => drafts.save(number))),
);
