<?php

declare(strict_types=1);

namespace HotSprue\Plan;

use DateTimeImmutable;
use DateTimeZone;
use HotSprue\Fields\BadInput;
use HotSprue\Fields\Input;
use HotSprue\Workshop\WorkshopSettings;

/** What is to be planned, read and checked once: people and their hours, kilns, tumblers, jobs and what is fixed. */
final readonly class Workload
{
    /**
     * @param  list<string>  $people  their ids
     * @param  list<string>  $names  what they are called
     * @param  list<Calendar>  $hours  of each of them
     * @param  list<Kiln>  $kilns
     * @param  array<int, PlanJob>  $jobs
     * @param  list<PlanStep>  $steps  of all jobs
     * @param  array<int, array{start: int, by: ?int}>  $fixed  by step
     * @param  int  $held  minutes for which a flask is held after its burnout
     * @param  float  $fall  °C between pours of one burnout
     */
    public function __construct(
        public int $now, public int $horizon, public DateTimeZone $zone, public array $people, public array $names,
        public array $hours, public array $kilns, public int $tumblers, public array $jobs, public array $steps,
        public array $fixed, public bool $anyHand, public int $held, public float $fall,
    ) {}

    public static function read(Input $input, WorkshopSettings $settings): self
    {
        $zone = self::zone($input->text('zone'));
        $now = self::minute($input->text('now'), $zone);
        $days = (int) $input->num('horizon_days');
        $people = $input->rows('people');
        $kilns = $input->rows('kilns');
        [$jobs, $steps] = JobReader::read($input->rows('jobs'), $zone);
        $ids = self::unlike('people', array_column($people, 'id'));
        $workload = new self(
            $now, $now + 1440 * $days, $zone, $ids,
            array_map(static fn (array $one): string => (string) ($one['name'] ?? $one['id']), $people),
            array_map(static fn (array $one): Calendar => Calendar::of(Hours::of(
                $one['hours'] ?? [], $one['off'] ?? [], $now, $days, $zone,
            )), $people),
            array_map(
                static fn (array $one): Kiln => new Kiln((string) $one['id'], (int) $one['flasks'], $one['alone']),
                $kilns,
            ), (int) $input->num('tumblers'), $jobs, $steps, [], $input->flag('any_hand'),
            (int) $settings->num('time.held'), $settings->num('time.one_fall'),
        );
        self::unlike('kilns', array_column($kilns, 'id'));

        return $workload->fixing($input->rows('fixed'));
    }

    /**
     * The same with fewer jobs in it, each in its place.
     *
     * @param list<int> $jobs
     */
    public function only(array $jobs): self
    {
        return $this->changed(['jobs' => array_intersect_key($this->jobs, array_flip($jobs))]);
    }

    /** @return list<int> places of people who have any hours */
    public function hands(): array
    {
        return array_keys(array_filter(
            $this->hours, static fn (Calendar $hours): bool => $hours->intervals() !== [],
        ));
    }

    public function person(?string $id): ?int
    {
        $at = $id === null ? false : array_search($id, $this->people, true);

        return $at === false ? null : $at;
    }

    /** A minute as the workshop's clock says it, with its distance from UTC. */
    public function said(int $minute): string
    {
        return $this->local($minute)->format('Y-m-d\TH:i:sP');
    }

    public function local(int $minute): DateTimeImmutable
    {
        return (new DateTimeImmutable('@'.$minute * 60))->setTimezone($this->zone);
    }

    public static function minute(string $said, DateTimeZone $zone): int
    {
        return intdiv((new DateTimeImmutable($said, $zone))->getTimestamp(), 60);
    }

    /**
     * @param  list<array<string, mixed>>  $rows
     *
     * @throws BadInput where a row names nothing that there is
     */
    private function fixing(array $rows): self
    {
        $places = [];
        foreach ($this->steps as $at => $step) {
            $places[$this->jobs[$step->job]->id][$step->id] = $at;
        }
        $fixed = [];
        foreach ($rows as $row) {
            $at = $places[$row['job']][$row['step']] ?? throw BadInput::field(
                'fixed', "There is no step {$row['step']} of job {$row['job']}.",
            );
            $fixed[$at] = [
                'start' => self::minute((string) $row['start'], $this->zone),
                'by' => $this->who($this->steps[$at], $row['by'] ?? null),
            ];
        }
        asort($fixed);

        return $this->changed(['fixed' => $fixed]);
    }

    /** @throws BadInput where nobody is called so, and no kiln */
    private function who(PlanStep $step, ?string $by): ?int
    {
        if ($by === null) {
            return null;
        }
        $among = $step->isBurnout() ? array_map(static fn (Kiln $kiln): string => $kiln->id, $this->kilns)
            : $this->people;
        $at = array_search($by, $among, true);

        return $at === false ? throw BadInput::field('fixed', "There is no {$by} here.") : $at;
    }

    /** @param array<string, mixed> $changes */
    private function changed(array $changes): self
    {
        return new self(...[...get_object_vars($this), ...$changes]);
    }

    private static function zone(string $name): DateTimeZone
    {
        return in_array($name, DateTimeZone::listIdentifiers(DateTimeZone::ALL_WITH_BC), true)
            ? new DateTimeZone($name)
            : throw BadInput::field('zone', "{$name} is no time zone; a name such as Europe/Oslo is accepted.");
    }

    /**
     * @param  list<string>  $ids
     * @return list<string>
     */
    private static function unlike(string $field, array $ids): array
    {
        return count(array_unique($ids)) === count($ids)
            ? $ids : throw BadInput::field($field, 'Two of them have one id.');
    }
}
