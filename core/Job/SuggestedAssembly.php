<?php

declare(strict_types=1);

namespace HotSprue\Job;

/** The parts and joints that a job's own decisions tell of: what the goldsmith then adds to. Pure. */
final class SuggestedAssembly
{
    /**
     * @return array{parts: list<array<string, string>>, joints: list<array<string, string>>} as they would be typed
     */
    public static function of(Document $document, JobAnswers $reckoned): array
    {
        $grams = static fn (string $use, string $result): string => is_numeric($reckoned->value($use, $result))
            ? sprintf('%.2f g', (float) $reckoned->value($use, $result))
            : '';
        $length = static fn (string $path): string => is_numeric($document->decision($path)) ? sprintf(
            '%.2f mm', (float) $document->decision($path),
        ) : '';
        if (Kind::of($document) === Kind::Sizing) {
            return self::sized($document, $reckoned, $grams('size.change', 'metal_change'));
        }
        $cast = Kind::of($document) !== Kind::Fabricated;
        $parts = [self::row(['id' => 'shank', 'mass' => self::shank($document, $reckoned)])];
        $joints = $cast ? [] : [
            self::row(
                [
                    'id' => 'shank seam', 'parts' => 'shank, shank',
                    'length' => $length('form.width_base') ?: $length('form.width_top'),
                    'section' => $length('form.thickness_base') ?: $length('form.thickness_top'),
                ],
            ),
        ];
        $after = $cast ? '' : 'shank seam';
        $settings = SettingParts::of($reckoned, $after);
        [$parts, $joints] = [[...$parts, ...$settings['parts']], [...$joints, ...$settings['joints']]];
        if (is_numeric($reckoned->value('inlay.fit', 'length'))) {
            self::add(
                $parts, $joints, ['id' => 'inlay', 'mass' => ''],
                [
                    ['id' => 'inlay seam', 'parts' => 'inlay, inlay'],
                    ['id' => 'inlay in band', 'parts' => 'shank, inlay', 'after' => 'inlay seam'],
                ],
            );
        }
        if (is_numeric($reckoned->value('plate.cut', 'mass_each'))) {
            self::add(
                $parts, $joints, ['id' => 'plate', 'mass' => $grams('plate.cut', 'mass_each')],
                [['id' => 'plate on shank', 'parts' => 'shank, plate', 'after' => $after]],
            );
        }
        foreach (['left', 'right'] as $side) {
            if (self::hasSideStones($document)) {
                self::add(
                    $parts, $joints, ['id' => "{$side} collet", 'mass' => ''],
                    [['id' => "{$side} on shank", 'parts' => "shank, {$side} collet", 'after' => $after]],
                );
            }
        }

        return ['parts' => $parts, 'joints' => $joints];
    }

    /** @return array{parts: list<array<string, string>>, joints: list<array<string, string>>} */
    private static function sized(Document $document, JobAnswers $reckoned, string $mass): array
    {
        $seam = [
            'length' => is_numeric($document->decision('sizing.width')) ? sprintf(
                '%.2f mm', (float) $document->decision('sizing.width'),
            ) : '',
            'section' => is_numeric($document->decision('sizing.thickness')) ? sprintf(
                '%.2f mm', (float) $document->decision('sizing.thickness'),
            ) : '',
        ];

        return match ($reckoned->value('size.change', 'method')) {
            'insert' => [
                'parts' => [self::row(['id' => 'ring']), self::row(['id' => 'insert', 'mass' => $mass])],
                'joints' => [
                    self::row(['id' => 'left of insert', 'parts' => 'ring, insert', 'same_heat' => 'A', ...$seam]),
                    self::row(['id' => 'right of insert', 'parts' => 'ring, insert', 'same_heat' => 'A', ...$seam]),
                ],
            ],
            'take-out' => [
                'parts' => [self::row(['id' => 'ring'])],
                'joints' => [self::row(['id' => 'closing', 'parts' => 'ring, ring', ...$seam])],
            ],
            default => ['parts' => [], 'joints' => []],
        };
    }

    private static function shank(Document $document, JobAnswers $reckoned): string
    {
        $at = $document->castingInHand();
        $weighed = $at === null ? null : $document->list('castings')[$at]['casting_mass']['value'] ?? null;
        $mass = $weighed ?? $reckoned->value('strip.length', 'mass') ?? $reckoned->value('form.band', 'mass');

        return is_numeric($mass) ? sprintf('%.2f g', (float) $mass) : '';
    }

    /** Whether stones are said to stand on the shoulders, and no setting holds them yet. */
    private static function hasSideStones(Document $document): bool
    {
        $held = SettingRow::heldBy($document);
        foreach ($document->list('stones') as $index => $stone) {
            if (($stone['group']['value'] ?? null) === 'shoulders' && ! in_array($index, $held, true)) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  list<array<string, string>>  $parts
     * @param  list<array<string, string>>  $joints
     * @param  array<string, string>  $part
     * @param  list<array<string, string>>  $more
     */
    private static function add(array &$parts, array &$joints, array $part, array $more): void
    {
        $parts[] = self::row($part);
        array_push($joints, ...array_map(self::row(...), $more));
    }

    /**
     * @param  array<string, string>  $row
     * @return array<string, string> what is known of it
     */
    private static function row(array $row): array
    {
        return array_filter($row, static fn (string $typed): bool => $typed !== '');
    }
}
