<?php

declare(strict_types=1);

namespace HotSprue\Job;

/** The parts and joints of the settings that are made apart: each with its seam, its alloy and its mass. Pure. */
final class SettingParts
{
    /** More collets alike than these are soldered as one part. */
    private const MOST = 12;

    private function __construct(
        private readonly JobAnswers $job, private readonly string $after, private readonly bool $isAlone,
    ) {}

    /**
     * @param  string  $after  the joint that every setting waits for; empty where there is none
     * @return array{parts: list<array<string, string>>, joints: list<array<string, string>>} as they would be typed
     */
    public static function of(JobAnswers $job, string $after): array
    {
        $apart = array_values(array_filter(
            $job->eachRow('settings'),
            static fn (JobAnswers $row): bool => $row->setting()->style() !== null
                && in_array($row->setting()->made(), ['apart', 'bought'], true),
        ));
        $made = new self($job, $after, count($job->document->list('settings')) === 1);
        $parts = $joints = [];
        foreach ($apart as $row) {
            $names = $made->names($row);
            foreach ($names as $name) {
                $parts[] = $made->part($row, $name, count($names));
                array_push($joints, ...$made->joints($row, $name));
            }
        }

        return ['parts' => $parts, 'joints' => self::together($joints)];
    }

    /**
     * What stands on the shank by itself goes on in one heat: there are not grades enough for one after another.
     *
     * @param  list<array<string, string>>  $joints
     * @return list<array<string, string>>
     */
    private static function together(array $joints): array
    {
        $isFoot = static fn (array $joint): bool => str_starts_with($joint['parts'] ?? '', 'shank, ');
        $several = count(array_filter($joints, $isFoot)) > 1;

        return array_map(
            static fn (array $joint): array => $several && $isFoot($joint) ? [
                ...$joint, 'same_heat' => 'settings',
            ] : $joint,
            $joints,
        );
    }

    /** @return list<string> what its parts are called: a lone one by what it is, those alike with a number */
    private function names(JobAnswers $row): array
    {
        $setting = $row->setting();
        $name = $this->isAlone && $setting->text('name') === null ? match ($setting->style()) {
            'bezel' => 'bezel', 'tube' => 'collet', default => 'head',
        } : $setting->name();
        $count = $setting->style() === 'shared-claws' ? 1 : $setting->count();

        return $count === 1 || $count > self::MOST ? [$name] : array_map(
            static fn (int $number): string => "{$name} {$number}", range(1, $count),
        );
    }

    /** @return array<string, string> */
    private function part(JobAnswers $row, string $name, int $among): array
    {
        $each = $this->job->value('settings.total', 'each');
        $mass = is_array($each) ? ($this->rowOf($each, $row)['mass_g'] ?? null) : null;

        return self::said([
            'id' => $name, 'alloy' => $row->setting()->text('alloy') ?? '',
            'mass' => is_numeric($mass) && $mass > 0 ? sprintf('%.3f g', (float) $mass / $among) : '',
        ]);
    }

    /**
     * @param  array<array-key, mixed>  $each
     * @return array<string, mixed>
     */
    private function rowOf(array $each, JobAnswers $row): array
    {
        $found = $each[(int) $row->inHand('settings')] ?? null;

        return is_array($found) ? $found : [];
    }

    /** @return list<array<string, string>> */
    private function joints(JobAnswers $row, string $name): array
    {
        $setting = $row->setting();
        $bought = $setting->made() === 'bought';
        $own = $bought ? null : match ($setting->style()) {
            'bezel' => [
                'id' => "{$name} seam", 'parts' => "{$name}, {$name}", 'section' => $this->wall($row),
            ],
            'claws', 'shared-claws' => [
                'id' => "claws in {$name}", 'parts' => "{$name}, {$name}", 'thin_wire' => 'true',
            ],
            default => null,
        };
        $gallery = $row->answer('seat.gallery') === null ? null : [
            'id' => "gallery in {$name}", 'parts' => "{$name}, {$name}", 'after' => $own['id'] ?? '',
        ];
        $on = $this->carrier($row);
        $last = $gallery['id'] ?? $own['id'] ?? '';
        $foot = [
            'id' => "{$name} on {$on}", 'parts' => "{$on}, {$name}",
            'after' => implode(', ', array_filter([$last, $this->after])),
        ];

        return array_map(self::said(...), array_values(array_filter([$own, $gallery, $foot])));
    }

    /** What it stands on: the part beside which it sits, where that is made apart too; else the shank. */
    private function carrier(JobAnswers $row): string
    {
        $beside = $row->setting()->beside();

        return $beside !== null && in_array($beside->setting()->made(), ['apart', 'bought'], true)
            ? $this->names($beside)[0] : 'shank';
    }

    private function wall(JobAnswers $row): string
    {
        $wall = $row->input('seat.bezel')?->num('wall');

        return $wall === null ? '' : sprintf('%.2f mm', $wall);
    }

    /**
     * @param  array<string, string>  $row
     * @return array<string, string> what is known of it
     */
    private static function said(array $row): array
    {
        return array_filter($row, static fn (string $typed): bool => $typed !== '');
    }
}
