<?php

declare(strict_types=1);

namespace App\Database;

use Closure;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Throwable;

/**
 * One writer's turn: a transaction that begins with a write, so that what it reads cannot change before it is done.
 * All that writes takes a turn; whoever finds one taken waits for it. Within a turn another is the same turn.
 */
final class WriteTransaction
{
    /** The database itself waits its busy time, with growing pauses; after so many times it is given up. */
    private const TRIES = 3;

    private static bool $taken = false;

    /** @var list<Closure(): mixed> what is done where the turn comes to nothing */
    private static array $otherwise = [];

    /**
     * @template T
     *
     * @param  Closure(): T  $work
     * @return T
     *
     * @throws DatabaseBusy when others held it all that time; nothing is then changed
     * @throws Throwable what the work throws; nothing is then changed either
     */
    public static function take(Closure $work): mixed
    {
        if (self::$taken) {
            return $work();
        }
        self::begin();
        self::$taken = true;
        try {
            $done = $work();
            DB::commit();

            return $done;
        } catch (Throwable $failed) {
            self::giveUp();
            array_map(static fn (Closure $undo): mixed => $undo(), self::$otherwise);
            throw $failed;
        } finally {
            [self::$taken, self::$otherwise] = [false, []];
        }
    }

    /**
     * Says what is to be done where this turn comes to nothing: a file that it wrote is taken away again.
     *
     * @param Closure(): mixed $undo
     */
    public static function otherwise(Closure $undo): void
    {
        self::$taken && self::$otherwise[] = $undo;
    }

    /**
     * A database that ran out of room rolls back by itself, and the connection then counts a transaction that is none:
     * what is begun on it afterwards would never reach the disk. Where rolling back fails the connection goes as well.
     */
    private static function giveUp(): void
    {
        try {
            DB::rollBack();
        } catch (Throwable) {
            DB::purge();
        }
    }

    /** @throws DatabaseBusy */
    private static function begin(): void
    {
        for ($try = 1; ; $try++) {
            DB::beginTransaction();
            try {
                DB::update('update turns set taken = taken + 1 where id = 1');

                return;
            } catch (QueryException $failed) {
                self::giveUp();
                if (! DatabaseBusy::is($failed)) {
                    throw $failed;
                }
                $try < self::TRIES ?: throw new DatabaseBusy($failed);
                usleep(100_000 * $try);
            }
        }
    }
}
