<?php

declare(strict_types=1);

namespace HotSprue\Job;

use HotSprue\Fields\BadInput;
use HotSprue\Fields\Input;
use HotSprue\Heat\PartForm;

/**
 * One heat of a job’s plan as a rehearsal takes it: its parts as they are, its joints as far as they are made. Pure.
 */
final class RehearsedHeat
{
    /** What a part is called tells how it is made; a head that says nothing is a collet. */
    private const CALLED = [
        'ring' => '/shank|ring|band|inlay/', 'plate' => '/plate|base|table|sheet|disc|signet/',
        'bar' => '/insert|wire|claw|bar|rail|shoulder|bead|ball|leaf/',
    ];

    /**
     * @return array<string, mixed> as `heat.piece` takes it
     *
     * @throws BadInput where the job has no such heat
     */
    public static function of(JobAnswers $job, int $number): array
    {
        $input = $job->input('join.plan');
        $heats = $job->value('join.plan', 'heats');
        $heat = is_array($heats) ? ($heats[$number - 1] ?? null) : null;
        if ($input === null || ! is_array($heat)) {
            throw BadInput::field('heat', is_array($heats)
                ? sprintf('This piece is joined in %d heats; one of them is accepted.', count($heats))
                : 'The solder of this piece is not planned yet; Join says what is missing.');
        }
        $earlier = [];
        foreach (array_slice((array) $heats, 0, $number - 1) as $before) {
            foreach ($before['joints'] as $joint) {
                $earlier[$joint] = $before['solder'];
            }
        }

        return [
            'parts' => self::parts($job, $input, $heat['piece']),
            'joints' => self::joints($input, $heat, $earlier),
        ];
    }

    /**
     * @param  list<string>  $piece  names of the parts in the fire
     * @return list<array<string, mixed>>
     */
    private static function parts(JobAnswers $job, Input $input, array $piece): array
    {
        $parts = [];
        foreach ($input->rows('parts') as $row) {
            if (! in_array($row['id'], $piece, true)) {
                continue;
            }
            $form = self::form((string) $row['id']);
            $parts[] = array_filter([
                'id' => $row['id'], 'alloy' => $row['alloy'] ?? $input->textOrNull('alloy'), 'mass' => $row['mass'],
                'form' => $form->value, ...($row['id'] === 'shank' || $row['id'] === 'ring' ? self::shank($job) : []),
            ], static fn (mixed $value): bool => $value !== null);
        }

        return $parts;
    }

    private static function form(string $name): PartForm
    {
        foreach (self::CALLED as $form => $words) {
            if (preg_match($words, mb_strtolower($name)) === 1) {
                return PartForm::from($form);
            }
        }

        return PartForm::Loop;
    }

    /** @return array<string, float|null> length, width and thickness as Form or Sizing has them, mm */
    private static function shank(JobAnswers $job): array
    {
        $isSizing = Kind::of($job->document) === Kind::Sizing;
        $number = static fn (mixed $value): ?float => is_numeric($value) ? (float) $value : null;
        $at = static fn (string $path): ?float => $number($job->document->decision($path));
        $width = $at($isSizing ? 'sizing.width' : 'form.width_top');
        $thickness = $at($isSizing ? 'sizing.thickness' : 'form.thickness_top');
        $bore = $number($job->value('size.convert', 'inner_diameter'));

        return [
            'length' => $bore === null || $thickness === null ? null : M_PI * ($bore + $thickness), 'width' => $width,
            'thickness' => $thickness,
        ];
    }

    /**
     * @param  array<string, mixed>  $heat
     * @param  array<string, string>  $earlier  solder by joint
     * @return list<array<string, mixed>>
     */
    private static function joints(Input $input, array $heat, array $earlier): array
    {
        $joints = [];
        foreach ($input->rows('joints') as $row) {
            $names = (array) $row['parts'];
            if (array_diff($names, $heat['piece']) !== []) {
                continue;
            }
            $isNow = in_array($row['id'], $heat['joints'], true);
            $joints[] = array_filter([
                'id' => $row['id'], 'parts' => implode(', ', array_filter($names, is_string(...))),
                'when' => $isNow ? 'now' : (isset($earlier[$row['id']]) || $row['how'] === 'fuse' ? 'before' : 'later'),
                'solder' => $isNow ? $heat['solder'] : ($earlier[$row['id']] ?? null),
                'guard' => ! $isNow && in_array($row['id'], $heat['guard'], true), 'length' => $row['length'],
                'section' => $row['section'],
            ], static fn (mixed $value): bool => $value !== null);
        }

        return $joints;
    }
}
