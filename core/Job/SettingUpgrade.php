<?php

declare(strict_types=1);

namespace HotSprue\Job;

/**
 * Version 5 gives every stone its own setting. What was said once for the whole piece becomes the setting of the stone
 * in the middle, `settings.0`; what stood round it, `settings.halo`; a row over the band, `settings.row`. Pure.
 */
final class SettingUpgrade
{
    /** Where each figure of the whole piece went. */
    private const PATHS = [
        'stones.setting' => 'settings.0.style', 'stones.head_soldered' => 'settings.0.made',
        'stones.school' => 'settings.0.school', 'stones.wall' => 'settings.0.wall', 'stones.fit' => 'settings.0.fit',
        'stones.seat_height' => 'settings.0.seat_height', 'stones.cover' => 'settings.0.cover',
        'stones.ledge_width' => 'settings.0.ledge_width', 'stones.corners' => 'settings.0.corners',
        'stones.claws' => 'settings.0.claws', 'stones.claw_wire' => 'settings.0.claw_wire',
        'stones.notch' => 'settings.0.notch', 'stones.girdle_below' => 'settings.0.girdle_below',
        'stones.halo_diameter' => 'settings.halo.stone_diameter', 'stones.halo_edge_gap' => 'settings.halo.edge_gap',
        'stones.halo_stone_gap' => 'settings.halo.stone_gap', 'stones.halo_count' => 'settings.halo.count',
        'stones.row_count' => 'settings.row.count', 'stones.row_largest' => 'settings.row.largest',
        'stones.row_smallest' => 'settings.row.smallest', 'stones.row_gap' => 'settings.row.gap',
        'stones.row_middle' => 'settings.row.middle',
    ];

    /** Uses of calculations that are now one for each setting, or each stone. */
    private const OF_SETTING = [
        'seat.bezel' => '0', 'seat.tube' => '0', 'seat.claw' => '0', 'seat.round' => '0', 'seat.depth' => '0',
        'set.sequence' => '0', 'layout.halo' => 'halo', 'layout.row' => 'row',
    ];

    /**
     * @param  array<string, mixed>  $data
     * @return array<string, mixed>
     */
    public static function of(array $data): array
    {
        $decisions = (array) ($data['decisions'] ?? []);
        $stones = array_values((array) ($data['stones'] ?? []));
        /** @var array<array-key, array<string, mixed>> $settings */
        $settings = [];
        foreach (self::PATHS as $from => $to) {
            if (isset($decisions[$from])) {
                [, $key, $name] = explode('.', $to);
                $settings[$key][$name] = self::value($from, $decisions[$from]);
                unset($decisions[$from]);
            }
        }
        $centre = self::stone($stones, 'centre') ?? ($stones === [] ? null : self::key($stones[0]));
        // What was cut into the band was all in the row, the stone in the middle with it.
        $inBand = in_array($settings['0']['style']['value'] ?? null, SettingRow::IN_BAND, true);
        if ($inBand && isset($settings['row'])) {
            return self::inOneRow($data, $decisions, $settings['0'] + $settings['row'], $centre, $stones);
        }
        // Every stone in the middle was held somehow, said or not.
        $centre === null && ! isset($settings['halo']) ?: $settings += ['0' => []];
        $rows = [];
        foreach (['0', 'halo', 'row'] as $key) {
            if (isset($settings[$key])) {
                $stone = $key === '0' ? $centre : self::stone($stones, $key === 'halo' ? 'halo' : 'shoulders');
                $rows[] = self::row((string) $key, $settings[$key], $stone);
            }
        }

        return [
            ...$data, 'version' => 5, 'decisions' => $decisions, 'settings' => $rows,
            ...self::renamed($data, $centre ?? '0'),
        ];
    }

    /**
     * @param  array<string, mixed>  $data
     * @param  array<array-key, mixed>  $decisions
     * @param  array<string, mixed>  $figures
     * @param  list<mixed>  $stones
     * @return array<string, mixed>
     */
    private static function inOneRow(
        array $data, array $decisions, array $figures, ?string $centre, array $stones,
    ): array
    {
        $others = array_values(array_diff(array_map(self::key(...), $stones), [$centre]));
        if ($others !== []) {
            $figures['also'] = ['value' => $others, 'typed' => implode(', ', $others)];
        }

        return [
            ...$data, 'version' => 5, 'decisions' => $decisions, 'settings' => [self::row('row', $figures, $centre)],
            ...self::renamed($data, $centre ?? '0', 'row'),
        ];
    }

    /**
     * A change of an earlier time, of the path where its figure stands now: what was kept of it in the history is
     * still undone.
     *
     * @param  array{path: string, from: mixed, to: mixed, stands?: int}  $change
     * @return array{path: string, from: mixed, to: mixed, stands?: int}
     */
    public static function change(array $change): array
    {
        $path = $change['path'];
        if (! isset(self::PATHS[$path])) {
            return $change;
        }

        return [
            ...$change, 'path' => self::PATHS[$path],
            'from' => self::value($path, $change['from']), 'to' => self::value($path, $change['to']),
        ];
    }

    /** A soldered head was a yes; now it is said how a setting is made. */
    private static function value(string $path, mixed $entry): mixed
    {
        if ($path !== 'stones.head_soldered' || ! is_array($entry)) {
            return $entry;
        }
        $made = ($entry['value'] ?? null) === true ? 'apart' : 'cast';

        return ['value' => $made, 'typed' => $made];
    }

    /**
     * @param  array<string, mixed>  $figures
     * @return array<string, mixed>
     */
    private static function row(string $key, array $figures, ?string $stone): array
    {
        $said = static fn (string $value): array => ['value' => $value, 'typed' => $value];
        $more = match ($key) {
            // Their tools were those of beads that neighbours share.
            'halo' => ['holds' => $said('halo'), 'beside' => $said('0'), 'style' => $said('shared')],
            'row' => ['holds' => $said('row'), 'style' => $said('shared')],
            default => [],
        };
        $row = [...$more, ...$figures, ...($stone === null ? [] : ['stone' => $said($stone)]), Rows::KEY => $key];
        ksort($row);

        return $row;
    }

    /** @param list<mixed> $stones */
    private static function stone(array $stones, string $group): ?string
    {
        foreach ($stones as $stone) {
            if (is_array($stone) && ($stone['group']['value'] ?? null) === $group) {
                return self::key($stone);
            }
        }

        return null;
    }

    private static function key(mixed $row): string
    {
        return is_array($row) && is_scalar($row[Rows::KEY] ?? null) ? (string) $row[Rows::KEY] : '0';
    }

    /**
     * What was signed, approved or overridden is of the same figures under the names of their rows.
     *
     * @param  array<string, mixed>  $data
     * @return array<string, mixed>
     */
    private static function renamed(array $data, string $centre, string $first = '0'): array
    {
        $use = static fn (string $use): string => match (true) {
            isset(self::OF_SETTING[$use]) => $use
                .'@'.(self::OF_SETTING[$use] === '0' ? $first : self::OF_SETTING[$use]),
            in_array($use, ['stone.outline', 'stone.weight'], true) => "{$use}@{$centre}",
            default => $use,
        };
        $figures = static fn (mixed $copy): array => array_combine(
            array_map(static fn (int|string $name): string => $use((string) $name), array_keys((array) $copy)),
            array_values((array) $copy),
        );
        $each = static fn (string $list, string $name, callable $as): array => array_map(
            static fn (mixed $row): mixed => is_array($row) && isset($row[$name]) ? [
                ...$row, $name => $as($row[$name]),
            ] : $row,
            (array) ($data[$list] ?? []),
        );

        return [
            'stations' => $each('stations', 'signed', $figures), 'words' => $each('words', 'figures', $figures),
            'overrides' => $each('overrides', 'use', static fn (mixed $name): mixed => is_string($name) ? $use(
                $name,
            ) : $name),
        ];
    }
}
