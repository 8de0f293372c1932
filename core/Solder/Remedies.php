<?php

declare(strict_types=1);

namespace HotSprue\Solder;

/**
 * What would free a plan that cannot be: sharing a heat, the same grade again with an earlier joint guarded, another
 * order, a joint made without a torch. Source: workbook 12, the plan.
 *
 * @phpstan-type Remedy array{
 *     kind: string, joints: string, words: string,
 *     changes: list<array{joint: string, field: string, value: string|bool}>,
 * }
 */
final class Remedies
{
    public const KINDS = ['share', 'guard', 'order', 'cold'];

    /** So many of each kind are offered. */
    private const OFFERED = 2;

    /** So many changes of one kind are tried together. */
    private const ROUNDS = 2;

    /** Every remedy offered frees the plan; one that would take longer to prove is not offered. */
    private const TRIES = 30;

    /** So many stages are looked into for each kind. */
    private const LOOKS = 600;

    private int $left = 0;

    public function __construct(private readonly PlanTerms $terms) {}

    /**
     * @param  list<string>  $clash
     * @return list<Remedy>
     */
    public function freeing(Assembly $assembly, array $clash): array
    {
        $offered = [];
        foreach (self::KINDS as $kind) {
            $this->left = self::LOOKS;
            $found = $this->single($assembly, $clash, $kind) ?: $this->together($assembly, $clash, $kind);
            $offered = [...$offered, ...array_map(fn (array $changes): array => $this->said($kind, $changes), $found)];
        }

        return $offered;
    }

    /**
     * Changes that free the plan each alone.
     *
     * @param  list<string>  $clash
     * @return list<list<JointChange>>
     */
    private function single(Assembly $assembly, array $clash, string $kind): array
    {
        $found = [];
        foreach ($this->changes($assembly, $clash, $kind) as $change) {
            if ($this->frees($change->on($assembly), $clash, true)) {
                $found[] = [$change];
            }
            if (count($found) === self::OFFERED || $this->left <= 0) {
                break;
            }
        }

        return $found;
    }

    /**
     * Changes of one kind that free the plan together, the first that helps each time.
     *
     * @param  list<string>  $clash
     * @return list<list<JointChange>>
     */
    private function together(Assembly $assembly, array $clash, string $kind): array
    {
        $taken = [];
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $next = null;
            foreach ($this->changes($assembly, $clash, $kind) as $change) {
                if ($this->left > 0 && $this->frees($change->on($assembly), $clash, false)) {
                    $next = $change;
                    break;
                }
            }
            if ($next === null) {
                return [];
            }
            $taken[] = $next;
            $assembly = $next->on($assembly);
            $search = Search::in($assembly, $this->terms, self::TRIES);
            if ($search->can($search->heats->all())) {
                return [$taken];
            }
            $clash = $search->clash();
        }

        return [];
    }

    /**
     * Whether the joints that clash can be made then, and the rest with them.
     *
     * @param  list<string>  $clash
     */
    private function frees(Assembly $assembly, array $clash, bool $all): bool
    {
        $search = Search::in($assembly, $this->terms, self::TRIES);
        $frees = $search->can($search->heats->making($clash)) && (! $all || $search->can($search->heats->all()));
        $this->left -= $search->looked();

        return $frees;
    }

    /**
     * @param  list<string>  $clash
     * @return list<JointChange>
     */
    private function changes(Assembly $assembly, array $clash, string $kind): array
    {
        $joints = array_values(
            array_filter($assembly->joints, static fn (Joint $joint): bool => in_array($joint->id, $clash, true)),
        );
        $changes = [];
        foreach ($joints as $joint) {
            match ($kind) {
                'guard' => $joint->guarded || count($joints) < 2 ? null : $changes[] = JointChange::guard($joint),
                'cold' => self::isAwaited($joint, $assembly) ? null : $changes[] = JointChange::cold($joint),
                'order' => array_push(
                    $changes,
                    ...array_map(
                        static fn (Joint $earlier): JointChange => JointChange::order($joint, $earlier),
                        array_filter(
                            $joints,
                            static fn (Joint $earlier): bool => in_array(
                                $earlier->id, (array) $joint->row['after'], true,
                            ),
                        ),
                    ),
                ),
                default => array_push(
                    $changes,
                    ...array_map(
                        static fn (Joint $other): JointChange => JointChange::share($joint, $other, $assembly),
                        array_filter($joints, static fn (Joint $other): bool => self::mayShare($joint, $other)),
                    ),
                ),
            };
        }

        return $changes;
    }

    private static function mayShare(Joint $one, Joint $other): bool
    {
        return $one->index < $other->index
            && ($one->parts & $other->parts) !== 0 && ! ($other->after >> $one->index & 1)
            && ! ($one->after >> $other->index & 1)
            && ($one->group === '' || $other->group === '')
                && ($one->grade === null || $other->grade === null || $one->grade === $other->grade);
    }

    private static function isAwaited(Joint $joint, Assembly $assembly): bool
    {
        foreach ($assembly->joints as $other) {
            if ($other->after >> $joint->index & 1) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  list<JointChange>  $changes
     * @return Remedy
     */
    private function said(string $kind, array $changes): array
    {
        return [
            'kind' => $kind,
            'joints' => implode(
                ', ',
                array_unique(
                    array_merge(...array_map(static fn (JointChange $change): array => $change->ids(), $changes)),
                ),
            ),
            'words' => implode('; ', array_map(static fn (JointChange $change): string => $change->words, $changes)),
            'changes' => array_merge(
                ...array_map(static fn (JointChange $change): array => $change->edits(), $changes),
            ),
        ];
    }
}
