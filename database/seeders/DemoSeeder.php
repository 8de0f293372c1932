<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Account\AccountKeeper;
use App\Account\JobMetal;
use App\Bench\EntryKind;
use App\Bench\JobKeeper;
use App\Bench\WorkshopTime;
use App\Casting\RunKeeper;
use App\Models\Client;
use App\Models\Clock;
use App\Models\Job;
use App\Models\Lot;
use App\Models\MetalPrice;
use App\Models\Person;
use App\Models\Rulebook;
use App\Models\Run;
use App\Models\StretchTest;
use App\Models\WorkedStep;
use App\Models\Workshop;
use App\People\Role;
use App\Pictures\PictureIntake;
use App\Price\MetalPrices;
use App\Price\QuoteBook;
use Closure;
use HotSprue\Account\MovementKind;
use HotSprue\Calculation\Answer;
use HotSprue\Casting\CastingStep;
use HotSprue\Finish\HandOver;
use HotSprue\Job\Change;
use HotSprue\Job\Drift;
use HotSprue\Job\JobAnswers;
use HotSprue\Job\Station;
use HotSprue\Stock\Alloy;
use HotSprue\Workshop\WorkshopSettings;
use Illuminate\Database\Seeder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** The workshop of Maren and Tobit in the harbour town of Skellavar: all invented, the same every time. */
final class DemoSeeder extends Seeder
{
    private const SEED = 7;

    private Randomizer $dice;

    /** Dice of their own, so that what is weighed stays as it was. */
    private Randomizer $clock;

    /** @var array<string, Answer> */
    private array $known = [];

    private Person $maren;

    private Person $tobit;

    private Carbon $today;

    public function __construct(private readonly JobKeeper $keeper) {}

    public function run(): void
    {
        $this->today = WorkshopTime::today()->utc();
        $this->prices();
        Workshop::the()->update(['name' => 'Maren & Tobit, goldsmiths in Skellavar', 'mark' => 'M·T']);
        $this->dice = new Randomizer(new Mt19937(self::SEED));
        $this->clock = new Randomizer(new Mt19937(self::SEED));
        $this->maren = Person::query()->create(['name' => 'Maren', 'role' => Role::Owner]);
        $this->tobit = Person::query()->create(['name' => 'Tobit']);
        // Their insurer lets it burn through the night.
        Workshop::the()->update(['kilns' => [['id' => 'kiln', 'flasks' => 4, 'alone' => true]]]);
        foreach (DemoJobs::finished() as $index => $spec) {
            $this->finished($spec, 360 - $index * 13);
        }
        foreach ([...DemoJobs::open(), ...DemoJobs::bench()] as $spec) {
            $this->job($spec);
        }
        Carbon::setTestNow();
        $this->metal();
        $this->burnout();
        $this->quotes();
        DemoRehearsals::keep($this->maren, $this->tobit, $this->today);
        foreach ([
            [34, 'chip', '52.6', 'metal', 'paste', '50.9', 'joint'],
            [20, 'chip', '53.1', 'beside', 'wire', '53.3', 'metal'],
            [6, 'chip', '52.4', 'joint', 'paste', '51.2', 'joint'],
        ] as [$days, $one, $first, $at, $other, $second, $where]) {
            $testedOn = $this->today->copy()->subDays($days);
            StretchTest::query()->create(['tested_on' => $testedOn, 'person_id' => $this->tobit->id, 'samples' => [
                [
                    'form' => $one, 'grade' => 'silver-hard', 'name' => 'A', 'start' => 49.3,
                    'broken' => (float) $first, 'where' => $at,
                ],
                [
                    'form' => $other, 'grade' => 'silver-hard', 'name' => 'B', 'start' => 49.3,
                    'broken' => (float) $second, 'where' => $where,
                ],
            ]]);
        }
        Clock::query()->create([
            'job_id' => Job::query()->where('title', 'harbour-light signet')->value('id'),
            'person_id' => $this->tobit->id, 'label' => 'flask standing',
            'stages' => [['stage' => 'stand', 'until_min' => 60, 'how' => 'do not move it']],
            'started_at' => now()->subMinutes(22),
        ]);
    }

    /** What this workshop charges by: invented, and the same every time. */
    private function prices(): void
    {
        $typed = [
            'price.gold' => 112.4, 'price.silver' => 1.35, 'price.platinum' => 48.2, 'price.palladium' => 41.6,
            'price.hour' => 58, 'price.burnout' => 14, 'price.investment' => 6.5, 'price.heat' => 1.8,
            'price.tax' => 0.25, 'price.tax_in' => true, 'price.round_to' => 5,
        ];
        Workshop::the()->update([
            'typed' => $typed, 'rulebook_id' => Rulebook::of(WorkshopSettings::with($typed))->id,
        ]);
        for ($week = 52; $week >= 1; $week -= 3) {
            $day = $this->today->copy()->subWeeks($week);
            foreach (MetalPrices::simulated($day) as $metal => $price) {
                MetalPrice::query()->create([
                    'metal' => $metal, 'price' => $price, 'on' => $day->toDateString(), 'source' => 'simulated',
                ]);
            }
        }
        foreach (MetalPrice::METALS as $metal) {
            MetalPrice::query()->create([
                'metal' => $metal, 'price' => $typed["price.{$metal}"], 'on' => $this->today->toDateString(),
                'source' => 'typed',
            ]);
        }
    }

    /** A quote that is accepted and half paid, and one that waits for its client. */
    private function quotes(): void
    {
        $of = static fn (string $title): Job => Job::query()->where('title', $title)->firstOrFail();
        $band = $of('wedding band, his');
        Carbon::setTestNow($this->today->copy()->subDays(9)->setTime(10, 30));
        $quote = QuoteBook::issue($band, ['until' => $this->today->copy()->addDays(12)->toDateString()], $this->maren);
        QuoteBook::answered($quote, 'accepted', $band->client->name ?? 'the client', '');
        QuoteBook::pay($band, [
            'kind' => 'deposit', 'amount' => (string) $quote->results['deposit'],
            'paid_on' => now()->toDateString(), 'how' => 'by transfer',
        ], $this->maren);
        foreach (['brief' => 35, 'form' => 50] as $step => $minutes) {
            WorkedStep::query()->create([
                'job_id' => $band->id, 'step' => $step, 'person_id' => $this->maren->id, 'started_at' => now(),
                'ended_at' => now()->addMinutes($minutes), 'done' => true,
            ]);
        }
        Carbon::setTestNow($this->today->copy()->subDays(2)->setTime(16, 0));
        QuoteBook::issue($of('blue oval in a ring of diamonds'), [], $this->maren);
        Carbon::setTestNow();
    }

    /** @param array<string, mixed> $spec */
    private function job(array $spec): Job
    {
        $today = $this->today;
        Carbon::setTestNow($today->copy()->subDays($spec['days_ago'])->setTime(9, 40));
        $typed = $spec['decisions'];
        $typed['brief.due'] = $today->copy()->addDays($spec['due_in'])->toDateString();
        if (isset($typed['burnout.ready_at'])) {
            $typed['burnout.ready_at'] = $today->copy()
                ->addDays($typed['burnout.ready_at'])->setTime(14, 0)->format('Y-m-d\TH:i');
        }
        $client = Client::query()->firstOrCreate(['name' => $spec['client'][0]], ['contact' => $spec['client'][1]]);
        $with = isset($spec['with']) ? Job::query()->where('title', $spec['with'])->value('commission') : null;
        $job = $this->keeper->open(
            $client, self::changes($typed), $this->maren, is_numeric($with) ? (int) $with : null,
        );
        foreach ($spec['stones'] ?? [] as $index => $stone) {
            foreach ($stone as $field => $value) {
                $rows["stones.{$index}.{$field}"] = $value;
            }
        }
        $job = isset($rows) ? $this->keeper->change($job, self::changes($rows), $this->maren) : $job;
        foreach ($spec['readings'] ?? [] as $day => $readings) {
            Carbon::setTestNow($today->copy()->subDays(max(0, $spec['days_ago'] - $day))->setTime(11, 15));
            $job = $this->keeper->change($job, self::changes($this->weighed($job, $readings), $job), $this->tobit);
        }
        foreach ($spec['signed'] ?? [] as $name) {
            $job = $this->sign($job, Station::from($name));
            if ($name === 'form' && ! isset($spec['stones'])) {
                $job = $this->notNeeded($job, Station::Stones);
            }
        }
        if (isset($spec['sketch'])) {
            $job = $this->sketch($job, $spec['sketch']);
        }
        if (isset($spec['closed'])) {
            $job = $this->keeper->store(
                $job,
                [new Change('closed', null, [...$spec['closed'], 'by' => 'Maren', 'at' => now()->toIso8601String()])],
                $this->maren, EntryKind::Closing,
            );
        }

        return $job;
    }

    /**
     * What the balance said of a wax and its casting: as they would come out of this very job, a little off as they do.
     *
     * @param  array<string, mixed>  $readings
     * @return array<string, mixed>
     */
    private function weighed(Job $job, array $readings): array
    {
        $reckoned = $this->reckon($job);
        $off = fn (int $least, int $most): float => 1 + $this->dice->getInt($least, $most) / 1000;
        foreach (array_keys($readings) as $path) {
            if (str_ends_with($path, '.wax_mass')) {
                $readings[$path] = (string) round(
                    (float) $reckoned->value('wax.pattern', 'ring_volume_mm3') / 1000 * $off(-25, 25), 2,
                );
            }
        }
        if (! isset($readings['castings.0.charge_mass'])) {
            return $readings;
        }
        $charge = ceil((float) $reckoned->value('metal.charge', 'charge_mass') * 2) / 2;
        $whole = round((float) $reckoned->value('metal.charge', 'expected_mass') * $off(-14, 4), 2);
        $piece = round((float) $reckoned->value('metal.charge', 'expected_piece_mass') * $off(-14, 4), 2);
        $trimmed = ($readings['castings.0.verdict'] ?? '') === 'good';
        $finished = round($piece * 0.955, 2);
        $carats = $job->held()->decision('handover.stones_carats');

        return [
            ...$readings, 'castings.0.charge_mass' => (string) $charge,
            'castings.0.button_mass' => (string) round($charge - $whole - 0.07, 2),
            'castings.0.casting_mass' => (string) ($trimmed ? $piece : $whole),
            'castings.0.weighed' => $trimmed ? 'trimmed' : 'whole',
            ...($trimmed ? ['castings.0.sprues_mass' => (string) round($whole - $piece - 0.02, 2)] : []),
            'pour.new_mass' => (string) round($charge * 0.6, 2), 'pour.reused_mass' => (string) round($charge * 0.4, 2),
            ...($job->held()->decision('finish.mass_before') === null ? []
                : ['finish.mass_before' => (string) $piece, 'finish.mass_after' => (string) $finished]),
            ...($job->held()->decision('handover.piece_mass') === null ? [] : [
                'handover.piece_mass' => (string) round(
                    $finished + 0.2 * (is_numeric($carats) ? (float) $carats : 0.0), 2,
                ),
                'handover.expected_mass' => (string) round($piece * 0.96, 2),
            ]),
        ];
    }

    /**
     * A piece made and delivered some days ago, with the readings of its wax and casting.
     *
     * @param  array<string, mixed>  $spec
     */
    private function finished(array $spec, int $daysAgo): void
    {
        $job = $this->job([...$spec, 'days_ago' => $daysAgo, 'due_in' => 24 - $daysAgo]);
        $reckoned = $this->reckon($job);
        $pattern = (float) $reckoned->value('wax.pattern', 'ring_volume_mm3');
        $wax = round($pattern / 1000 * (0.985 + $this->dice->getInt(0, 30) / 1000), 2);
        $bore = round((float) $reckoned->value('wax.dimensions', 'bore') + $this->dice->getInt(-4, 4) / 100, 2);
        Carbon::setTestNow($this->today->copy()->subDays($daysAgo - 6)->setTime(15, 5));
        $job = $this->keeper->change($job, self::changes([
            'attempts.0.begun' => now()->toDateString(), 'attempts.0.wax_mass' => (string) $wax,
            'attempts.0.weighed' => 'pattern', 'attempts.0.bore' => (string) $bore,
            'attempts.0.width' => (string) round((float) $reckoned->value('wax.dimensions', 'width'), 2),
            'attempts.0.thickness' => (string) round(
                min(
                    (float) $reckoned->value('wax.dimensions', 'thickness'),
                    (float) $reckoned->value('wax.dimensions', 'thickness_base'),
                ),
                2,
            ),
            'attempts.0.minutes' => $this->dice->getInt(70, 260).' min', 'attempts.0.verdict' => 'passed',
        ]), $this->maren);
        $job = $this->notNeeded($job, Station::Stones);
        foreach (['brief', 'form', 'wax', 'tree', 'burnout'] as $name) {
            $job = $this->sign($job, Station::from($name));
            if ($name === 'form' && ! isset($spec['stones'])) {
                $job = $this->notNeeded($job, Station::Stones);
            }
        }
        $reckoned = $this->reckon($job);
        $charge = ceil((float) $reckoned->value('metal.charge', 'charge_mass'));
        $casting = round(
            (float) $reckoned->value('metal.charge', 'expected_mass') * (1 - $this->dice->getInt(-4, 14) / 1000), 2,
        );
        $loss = round($charge * $this->dice->getInt(2, 7) / 1000, 2);
        Carbon::setTestNow($this->today->copy()->subDays($daysAgo - 9)->setTime(14, 20));
        $lots = $this->charge((string) $job->held()->decision('brief.alloy'), (int) ($charge * 1000));
        $used = array_sum(array_slice($lots, 1)) / 1000;
        $job = $this->keeper->change($job, self::changes([
            'pour.new_mass' => (string) round($charge - $used, 3), 'pour.reused_mass' => (string) round($used, 3),
            'castings.0.poured' => now()->toDateString(), 'castings.0.charge_mass' => (string) $charge,
            'castings.0.casting_mass' => (string) $casting,
            'castings.0.button_mass' => (string) round($charge - $casting - $loss, 2),
            'castings.0.bore' => (string) round($bore * (1 - 0.001 * $this->dice->getInt(12, 18)), 2),
            'castings.0.verdict' => 'good',
        ]), $this->tobit);
        (new AccountKeeper)->charge(
            $job, $lots, (int) round($casting * 1000), (int) round(($charge - $casting - $loss) * 1000), $this->tobit,
        );
        $piece = round(
            (float) $reckoned->value(
                'metal.charge', 'expected_piece_mass',
            ) * $casting / (float) $reckoned->value('metal.charge', 'expected_mass'),
            2,
        );
        $sprues = round($casting - $piece - 0.02, 2);
        (new JobMetal(new AccountKeeper))->trim(
            $job, (int) round($piece * 1000), (int) round($sprues * 1000), $this->tobit,
        );
        $job = $this->keeper->change(
            $job,
            self::changes(
                [
                    'castings.0.casting_mass' => (string) $piece, 'castings.0.weighed' => 'trimmed',
                    'castings.0.sprues_mass' => (string) $sprues,
                ],
                $job,
            ),
            $this->tobit,
        );
        $this->burnt($job);
        foreach (['brief' => [24, 44], 'look' => [10, 22], 'clean' => [12, 20], 'prefinish' => [38,
            66]] as $step => $long) {
            $from = $this->today->copy()->subDays($daysAgo - 3)->setTime(9, 0);
            WorkedStep::query()->create([
                'job_id' => $job->id, 'step' => $step, 'person_id' => $this->tobit->id, 'started_at' => $from,
                'ended_at' => $from->copy()->addMinutes($this->clock->getInt(...$long)), 'done' => true,
            ]);
        }
        $job = $this->sign($job, Station::Pour);
        Carbon::setTestNow($this->today->copy()->subDays($daysAgo - 18)->setTime(10, 10));
        $finished = round($piece * (1 - $this->dice->getInt(30, 70) / 1000), 2);
        $job = $this->keeper->change($job, self::changes([
            'finish.mass_before' => (string) $piece, 'finish.mass_after' => (string) $finished,
            'handover.piece_mass' => (string) $finished, 'handover.size_measured' => $spec['decisions']['brief.finger'],
            'handover.mark' => 'struck',
            ...array_fill_keys(
                array_map(static fn (string $look): string => "handover.{$look}", array_keys(HandOver::LOOKS)), true,
            ),
        ]), $this->maren);
        $job = $this->notNeeded($this->notNeeded($job, Station::Join), Station::Set);
        $job = $this->sign($this->sign($job, Station::Finish), Station::HandOver);
        Carbon::setTestNow($this->today->copy()->subDays($daysAgo - 22)->setTime(16, 30));
        $lot = Lot::query()->where('job_id', $job->id)->where('kind', 'piece')->firstOrFail();
        (new AccountKeeper)->move(
            MovementKind::Scrap, [$lot->id => (int) round(1000 * $finished) - $lot->mass_mg],
            $lot->mass_mg - (int) round(1000 * $finished), "finishing of job {$job->number}", $this->maren, $job,
        );
        (new AccountKeeper)->move(
            MovementKind::Deliver, [$lot->id => -(int) round(1000 * $finished)], 0, 'handed over', $this->maren,
        );
        $this->keeper->store(
            $job,
            [
                new Change(
                    'closed', null,
                    ['how' => 'delivered', 'reason' => '', 'by' => 'Maren', 'at' => now()->toIso8601String()],
                ),
            ],
            $this->maren, EntryKind::Closing,
        );
    }

    /**
     * Grain, bought where it runs out, and up to two fifths of buttons that came back.
     *
     * @return array<int, int> milligrams by lot, grain first
     */
    private function charge(string $alloy, int $milligrams): array
    {
        $lots = Lot::query()->where('alloy', $alloy)->whereNull('client_id')->where('mass_mg', '>', 0);
        $button = (clone $lots)->where('kind', 'button')->orderByDesc('mass_mg')->first();
        $used = min($button->mass_mg ?? 0, (int) ($milligrams * 0.4));
        $grain = (clone $lots)
            ->where('kind', 'stock')->where('mass_mg', '>=', $milligrams - $used)->first() ?? Lot::query()
            ->findOrFail($this->receive($alloy, 'casting grain', 120_000, 'refiner, '.now()->format('F')));

        return [$grain->id => $milligrams - $used] + ($button === null || $used === 0 ? [] : [$button->id => $used]);
    }

    private function receive(
        string $alloy, string $name, int $milligrams, string $from, ?string $client = null, string $kind = 'stock',
    ): int
    {
        $lot = [
            'name' => $name, 'kind' => $kind, 'alloy' => $alloy,
            'fineness' => Alloy::named($alloy, Workshop::the()->rulebook->settings())->fineness,
            'client_id' => $client === null ? null : Client::query()->where('name', $client)->value('id'),
            'origin' => $from,
        ];

        return (int) (new AccountKeeper)->receive($lot, $milligrams, $from, $this->maren)->postings[0]?->lot_id;
    }

    /** The burnout that a finished piece went through. */
    private function burnt(Job $job): void
    {
        $reckoned = $this->reckon($job);
        $stages = array_map(
            static fn (array $stage): array => [
                'name' => (string) $stage['name'], 'to' => (float) $stage['ramp_to_c'],
                'minutes' => (float) $stage['ramp_min'] + (float) $stage['hold_min'],
            ],
            array_values((array) $reckoned->value('burnout.programme', 'stages')),
        );
        $minutes = (int) ceil(array_sum(array_column($stages, 'minutes')));
        $began = now()->subMinutes($minutes);
        $run = Run::query()->create(
            [
                'stages' => $stages, 'events' => [], 'ready_at' => now(), 'started_at' => $began, 'ended_at' => now(),
                'speed' => 1,
            ],
        );
        $steps = array_map(static fn (CastingStep $step): string => $step->value, CastingStep::cases());
        $flask = $run->flasks()->create([
            'flask' => (string) $reckoned->value('flask.choose', 'flask'),
            'diameter' => (float) $reckoned->value('flask.choose', 'flask_diameter'),
            'height' => (float) $reckoned->value('flask.choose', 'flask_height'),
            'alloy' => (string) $job->held()->decision('brief.alloy'),
            'pour_c' => (float) $reckoned->value('pour.temperatures', 'flask_temperature'), 'ticks' => [],
            'steps' => array_fill_keys($steps, ['at' => now()->toIso8601String(), 'by' => 'Tobit']),
        ]);
        $flask->jobs()->attach($job->id, ['open' => false]);
        $kiln = $run->kiln();
        $logged = array_map(floatval(...), range(0, $minutes, 3));
        DB::table('kiln_log')->insert(
            array_map(
                static fn (float $minute, ?float $c): array => [
                    'run_id' => $run->id, 'minute' => $minute, 'kiln_c' => $c, 'planned_c' => $kiln->planned($minute),
                    'logged_at' => $began->copy()->addMinutes((int) $minute),
                ],
                $logged, $kiln->readings($logged),
            ),
        );
    }

    /** What lies in the safe: casting grain, buttons that came back, and a client's own gold. */
    private function metal(): void
    {
        $keeper = new AccountKeeper;
        $grain = $this->receive('sterling-925', 'casting grain, silver', 250_000, 'refiner, March');
        $this->receive('18k-yellow', 'casting grain, yellow', 62_500, 'refiner, March');
        $this->receive('14k-rose', 'casting grain, rose', 40_000, 'refiner, May');
        $this->receive('14k-yellow', 'casting grain, yellow', 55_000, 'refiner, May');
        $this->receive('18k-yellow', 'old band, assayed', 4_310, 'brought by the client', 'Oda Brannick');
        $scrap = $this->receive('sterling-925', 'clean scrap, silver', 1_250, 'bench drawer', null, 'scrap');
        $keeper->move(MovementKind::Scrap, [$grain => -3_400, $scrap => 3_380], 20, 'wire ends', $this->tobit);
        $band = Job::query()->where('title', 'broad band, flat')->firstOrFail();
        [$charge, $casting, $button] = array_map(
            static fn (string $name): int => (int) round(
                1000 * (float) $band->held()->list('castings')[0][$name]['value'],
            ),
            ['charge_mass', 'casting_mass', 'button_mass'],
        );
        $keeper->charge($band, [$grain => $charge], $casting, $button, $this->tobit);
    }

    /** One burnout in the kiln, three hours in. */
    private function burnout(): void
    {
        $numbers = array_column(RunKeeper::waiting(), 'number');
        $run = RunKeeper::plan(
            array_map(static fn (int $number): array => [$number], array_slice($numbers, 0, 2)),
            now()->addDays(2)->toIso8601String(),
        );
        $run->update(
            [
                'ready_at' => now()->addHours(4), 'started_at' => now()->subMinutes(190),
                'events' => [['kind' => 'door', 'from' => 96, 'to' => 99]],
            ],
        );
        foreach ($run->flasks as $flask) {
            $flask->update(
                [
                    'steps' => array_fill_keys(
                        ['invest', 'stand', 'load'],
                        ['at' => now()->subMinutes(195)->toIso8601String(), 'by' => 'Tobit'],
                    ),
                ],
            );
        }
        $kiln = $run->kiln();
        $minutes = array_map(floatval(...), range(0, 189));
        DB::table('kiln_log')->insert(
            array_map(
                static fn (float $minute, ?float $c): array => [
                    'run_id' => $run->id, 'minute' => $minute, 'kiln_c' => $c, 'planned_c' => $kiln->planned($minute),
                    'logged_at' => now()->subMinutes(190 - (int) $minute),
                ],
                $minutes, $kiln->readings($minutes),
            ),
        );
    }

    /** A job's answers; a burnout's heat is reckoned once for the same flask and programme. */
    private function reckon(Job $job): JobAnswers
    {
        return JobAnswers::of(
            $job->held(), $job->settings(), fn (string $key, Closure $make): Answer => $this->known[$key] ??= $make(),
        );
    }

    private function notNeeded(Job $job, Station $station): Job
    {
        $path = "stations.{$station->value}";

        return $this->keeper->store(
            $job,
            [
                new Change(
                    $path, $job->held()->at($path),
                    ['state' => 'not-needed', 'by' => 'Maren', 'at' => now()->toIso8601String()],
                ),
            ],
            $this->maren, EntryKind::Station,
        );
    }

    private function sign(Job $job, Station $station): Job
    {
        $path = "stations.{$station->value}";
        $signed = Drift::copy($station, $this->reckon($job));

        return $this->keeper->store(
            $job,
            [
                new Change(
                    $path, $job->held()->at($path),
                    ['state' => 'signed', 'by' => 'Maren', 'at' => now()->toIso8601String(), 'signed' => $signed],
                ),
            ],
            $this->maren, EntryKind::Station,
        );
    }

    /** A pencil sketch of a ring from above, drawn here. */
    private function sketch(Job $job, string $caption): Job
    {
        $image = imagecreatetruecolor(900, 640);
        imagefill($image, 0, 0, (int) imagecolorallocate($image, 246, 241, 230));
        imagesetthickness($image, 3);
        $pencil = (int) imagecolorallocate($image, 84, 80, 74);
        foreach ([
            [450, 330, 380, 380], [450, 330, 300, 300], [450, 150, 150, 96], [450, 150, 176, 118],
        ] as [$x, $y, $w, $h]) {
            imagearc($image, $x, $y, $w, $h, 0, 360, $pencil);
        }
        for ($i = 0; $i < 40; $i++) {
            $x = 262 + $this->dice->getInt(0, 370);
            imageline(
                $image, $x, 500 + $this->dice->getInt(-8, 30), $x + 26, 470 + $this->dice->getInt(-8, 30),
                (int) imagecolorallocatealpha($image, 84, 80, 74, 80),
            );
        }
        $file = (string) tempnam(sys_get_temp_dir(), 'sketch');
        imagepng($image, $file);
        $taken = app(PictureIntake::class)->take($file);
        unlink($file);

        return $this->keeper->store(
            $job,
            [
                new Change(
                    'pictures.0', null,
                    [...$taken, 'caption' => $caption, 'by' => 'Maren', 'at' => now()->toIso8601String()],
                ),
            ],
            $this->maren, EntryKind::Picture,
        );
    }

    /**
     * @param  array<string, mixed>  $typed
     * @return list<Change>
     */
    private static function changes(array $typed, ?Job $job = null): array
    {
        $held = $job?->held();

        return array_map(
            static fn (string $path, mixed $value): Change => new Change($path, $held?->at($path), $value),
            array_keys($typed), array_values($typed),
        );
    }
}
