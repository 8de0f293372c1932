<?php

declare(strict_types=1);

namespace HotSprue\Job;

use HotSprue\Fields\BadInput;

/** The order that a goldsmith asks for, held against what each joint waits for. Pure. */
final class JointOrder
{
    /** @throws BadInput where a joint would come before one that it waits for */
    public static function mustKeepWaits(Document $document): void
    {
        $order = $document->decision('join.order');
        if (! is_array($order)) {
            return;
        }
        $place = array_flip(array_filter($order, is_string(...)));
        foreach ($document->list('joints') as $joint) {
            $id = $joint['id']['value'] ?? null;
            foreach ((array) ($joint['after']['value'] ?? []) as $first) {
                if (is_string($id) && isset($place[$id], $place[$first]) && $place[$id] < $place[$first]) {
                    throw BadInput::field(
                        'join.order',
                        "“{$id}” waits for “{$first}”: it cannot come before it. The order stays as it was; take the "
                            .'wait off that joint first, if it is no longer so.',
                    );
                }
            }
        }
    }

    /**
     * Whether these changes have to do with the order of joints.
     *
     * @param  list<Change>  $changes
     */
    public static function isTouched(array $changes): bool
    {
        return array_filter($changes, static fn (Change $change): bool => $change->path === 'join.order'
            || preg_match('/^joints\.[a-z0-9]+\.(after|id)$/D', $change->path) === 1) !== [];
    }
}
