<?php

declare(strict_types=1);

namespace HotSprue\Job;

use HotSprue\Fields\BadInput;

/** Changes as they are to be kept: one for each path, and a row made before its first figure. */
final class PreparedChanges
{
    /**
     * @param  list<Change>  $changes
     * @return list<Change>
     *
     * @throws BadInput when a row is meant that has been taken out
     */
    public static function of(Document $document, array $changes): array
    {
        $prepared = [];
        foreach ($changes as $change) {
            $at = RowPath::of($change->path);
            if ($at?->figure !== null) {
                if (isset($document->map('gone')[$at->whenGone()])) {
                    throw BadInput::field($change->path, 'This row has been taken out meanwhile.');
                }
                if ($document->at($at->row()) === null && ! isset($prepared[$at->row()])) {
                    $prepared[$at->row()] = new Change(
                        $at->row(), null, [Rows::KEY => $at->key],
                        count($document->list($at->list)) + count(self::made($prepared, $at->list)),
                    );
                }
            }
            // Said twice in one list, the last is meant.
            $prepared[$change->path] = isset($prepared[$change->path]) ? new Change(
                $change->path, $prepared[$change->path]->from, $change->to, $change->stands,
            ) : $change;
        }

        return array_values($prepared);
    }

    /**
     * @param  array<string, Change>  $prepared
     * @return array<string, Change> rows of a list that these changes make
     */
    private static function made(array $prepared, string $list): array
    {
        return array_filter(
            $prepared,
            static fn (Change $change): bool => $change->from === null && preg_match(
                "/^{$list}\\.[a-z0-9]+$/", $change->path,
            ) === 1,
        );
    }
}
