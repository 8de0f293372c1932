<?php

declare(strict_types=1);

namespace HotSprue\Solder;

/** A piece whose joints are made in an order that was asked for. */
final class OrderedPlan
{
    /**
     * @param  list<string>  $order  joints; those not named are free
     *
     * @throws \HotSprue\Fields\BadInput when it puts a joint before what it waits for
     */
    public static function to(array $order, Assembly $assembly): Assembly
    {
        $joints = array_column(
            array_map(static fn (Joint $joint): array => [$joint->id, $joint], $assembly->joints), 1, 0,
        );
        $before = [];
        foreach ($order as $id) {
            $joint = $joints[$id];
            $earlier = array_filter(
                $before,
                static fn (Joint $other): bool => ! $other->cold
                    && ($other->group === '' || $other->group !== $joint->group),
            );
            $before[] = $joint;
            $joints[$id] = $joint->with(
                after: array_reduce(
                    $earlier, static fn (int $after, Joint $other): int => $after | 1 << $other->index, $joint->after,
                ),
            );
        }

        return $assembly->with(array_values($joints));
    }
}
