<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Bench\JobProjection;
use App\Models\Job;
use App\Models\Workshop;
use HotSprue\Job\Change;
use HotSprue\Job\Document;
use HotSprue\Job\TypedChanges;
use HotSprue\Workshop\WorkshopSettings;
use Illuminate\Database\Eloquent\Factories\Factory;

/** @extends Factory<Job> */
final class JobFactory extends Factory
{
    protected $model = Job::class;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        $number = 1 + (int) (Job::query()->max('number') ?? 100);

        return [
            'number' => $number, 'commission' => $number,
            'rulebook_id' => static fn (): int => Workshop::the()->rulebook_id,
            'document' => Document::blank()->toArray(), 'version' => 0, 'station' => 'brief', 'state' => 'open',
        ];
    }

    /**
     * With these decisions and readings, as typed.
     *
     * @param  array<string, mixed>  $typed  by path
     */
    public function holding(array $typed): self
    {
        return $this->afterMaking(static function (Job $job) use ($typed): void {
            $changes = [];
            foreach ($typed as $path => $value) {
                $changes[] = new Change($path, null, $value);
            }
            $job->setRelation('client', null);
            JobProjection::write(
                $job, Document::blank()->with(TypedChanges::read($changes, WorkshopSettings::shipped())),
            );
        });
    }

    /** A ring that every station can be reckoned for. */
    public function ring(): self
    {
        return $this->holding([
            'brief.title' => 'plain band', 'brief.finger' => 'US 7', 'brief.alloy' => 'sterling-925',
            'form.width_top' => '5', 'form.thickness_top' => '2', 'burnout.ready_at' => '2037-12-01T14:00',
        ]);
    }
}
