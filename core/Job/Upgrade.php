<?php

declare(strict_types=1);

namespace HotSprue\Job;

use HotSprue\Fields\BadInput;

/** Brings a document of an earlier version up to the present one, step by step. Pure. */
final class Upgrade
{
    /**
     * @param  array<array-key, mixed>  $data
     * @return array<string, mixed>
     *
     * @throws BadInput where it carries no version, or a later one
     */
    public static function fromOutside(array $data): array
    {
        $version = $data['version'] ?? null;
        if (! is_int($version) || $version < 1) {
            throw BadInput::field(
                'version', sprintf('The document carries no version; 1 to %d is accepted.', Document::VERSION),
            );
        }

        return $version <= Document::VERSION ? self::toPresent($data) : throw BadInput::field('version', sprintf(
            'Written by a later Hot Sprue (version %d); up to version %d is accepted.', $version, Document::VERSION,
        ));
    }

    /**
     * @param  array<array-key, mixed>  $data
     * @return array<string, mixed>
     */
    public static function toPresent(array $data): array
    {
        /** @var array<string, mixed> $data */
        $data = ($data['version'] ?? null) === 1 ? self::fromOne($data) : $data;

        $data = ($data['version'] ?? null) === 2 ? self::fromTwo($data) : $data;

        $data = ($data['version'] ?? null) === 3 ? self::fromThree($data) : $data;

        return ($data['version'] ?? null) === 4 ? SettingUpgrade::of($data) : $data;
    }

    /**
     * Version 4 gives every row a key: the place at which it then stood, so that the history written before still
     * names the same rows.
     *
     * @param  array<string, mixed>  $data
     * @return array<string, mixed>
     */
    private static function fromThree(array $data): array
    {
        foreach (Document::LISTS as $list) {
            if (is_array($data[$list] ?? null)) {
                foreach ($data[$list] as $index => $row) {
                    $data[$list][$index] = is_array($row) ? [...$row, Rows::KEY => (string) $index] : $row;
                }
            }
        }

        // One radius stood for crucible and flask; until each is measured it is both.
        $decisions = (array) ($data['decisions'] ?? []);
        if (isset($decisions['pour.flask_radius'])) {
            $decisions['pour.crucible_radius'] ??= $decisions['pour.flask_radius'];
        }

        return [...$data, 'version' => 4, 'decisions' => $decisions, 'gone' => []];
    }

    /**
     * Version 3 keeps parts, joints and pieces cut from stock. A job that was closed then had no bench to pass.
     *
     * @param  array<string, mixed>  $data
     * @return array<string, mixed>
     */
    private static function fromTwo(array $data): array
    {
        $stations = (array) ($data['stations'] ?? []);
        if (is_array($data['closed'] ?? null)) {
            foreach (['join', 'set', 'finish', 'handover'] as $bench) {
                $stations[$bench] ??= ['state' => 'not-needed', 'by' => '', 'at' => ''];
            }
        }

        return [...$data, 'version' => 3, 'cuts' => [], 'parts' => [], 'joints' => [], 'stations' => $stations];
    }

    /**
     * Version 2 keeps stones, the client's words and ticks. A job that was past Form then had no Stones
     * station to sign: it is not needed.
     *
     * @param  array<string, mixed>  $data
     * @return array<string, mixed>
     */
    private static function fromOne(array $data): array
    {
        $stations = (array) ($data['stations'] ?? []);
        if (isset($stations['form']) && ! isset($stations['stones'])) {
            $stations['stones'] = ['state' => 'not-needed', 'by' => '', 'at' => ''];
        }

        return [...$data, 'version' => 2, 'stones' => [], 'words' => [], 'ticks' => [], 'stations' => $stations];
    }
}
