<?php

declare(strict_types=1);

namespace HotSprue\Job;

use DateTimeZone;
use HotSprue\Fields\BadInput;
use HotSprue\Fields\Field;
use HotSprue\Measures\Moment;
use HotSprue\Measures\NotUnderstood;
use HotSprue\Measures\Quantity;
use HotSprue\Workshop\WorkshopSettings;

/**
 * Changes as typed by a person: decisions and readings, and what was seen or ticked.
 *
 * @phpstan-import-type Entry from Document
 */
final class TypedChanges
{
    /**
     * Each read in the core's unit, hours by that zone's clocks.
     *
     * @param  list<Change>  $changes
     * @return list<Change> the same with what is stored
     *
     * @throws BadInput
     */
    public static function read(array $changes, WorkshopSettings $settings, ?DateTimeZone $zone = null): array
    {
        $understood = $errors = [];
        foreach ($changes as $change) {
            try {
                $understood[] = new Change(
                    $change->path, $change->from, self::entryFor($change->path, $change->to, $settings, $zone),
                );
            } catch (NotUnderstood $not) {
                $errors[$change->path][] = $not->getMessage();
            }
        }

        return $errors === [] ? $understood : throw BadInput::fields($errors);
    }

    /**
     * @return Entry|true|null
     *
     * @throws NotUnderstood
     */
    private static function entryFor(
        string $path, mixed $typed, WorkshopSettings $settings, ?DateTimeZone $zone,
    ): array|true|null
    {
        if (preg_match('/^(seen\.[a-z]+|ticks\.[a-z0-9-]{1,60})$/', $path) === 1) {
            return $typed === null ? null : true;
        }
        $field = self::field($path) ?? throw new NotUnderstood('A job holds no such figure.');
        if ($typed === null || $typed === '') {
            return null;
        }
        if (is_array($typed) && array_keys($typed) === ['value', 'typed']) {
            $typed = $typed['typed'] === '' ? $typed['value'] : $typed['typed'];
        }
        $given = $field->quantity === Quantity::YesNo && is_string($typed) ? filter_var(
            $typed, FILTER_VALIDATE_BOOL, FILTER_NULL_ON_FAILURE,
        ) ?? $typed : $typed;

        $value = $field->read($given, $settings);
        if ($zone !== null && $field->quantity === Quantity::Moment && is_string($value)) {
            $value = Moment::inZone($value, $zone);
        }

        return ['value' => $value, 'typed' => is_string($typed) ? trim($typed) : (string) json_encode($typed)];
    }

    /** The field that a path of a decision or a reading stands for. */
    public static function field(string $path): ?Field
    {
        if (preg_match('/^([a-z]+)\.[a-z0-9]{1,12}\.([a-z_]+)$/', $path, $found) === 1
            && in_array($found[1], ReadingFields::GROUPS, true)) {
            return ReadingFields::of($found[1])[$found[2]] ?? null;
        }

        return DecisionFields::all()[$path] ?? null;
    }
}
