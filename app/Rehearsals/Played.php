<?php

declare(strict_types=1);

namespace App\Rehearsals;

use App\Models\Workshop;
use HotSprue\Fields\BadInput;
use HotSprue\Fields\Field;
use HotSprue\Fields\Input;
use HotSprue\Heat\Move;
use HotSprue\Heat\PourRehearsed;
use HotSprue\Heat\PourStep;
use HotSprue\Heat\Support;
use HotSprue\Setting\Pushes;
use HotSprue\Setting\SetSequence;
use HotSprue\Stock\Alloy;
use HotSprue\Stock\Torch;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/**
 * A rehearsal as it was sent: played through once more by the core, so that what is kept is what really came of the
 * moves.
 */
final readonly class Played
{
    public const PUSH = '/^push-(\d{1,2})$/D';

    public const POUR = '/^pour-([a-z0-9-]{1,30})$/D';

    /**
     * @param  array<string, mixed>  $given  what it began with
     * @param  list<array<string, mixed>>  $moves
     */
    private function __construct(
        public string $lesson, public string $title, public array $given, public array $moves, public string $outcome,
        public int $rank, public string $sentence, public float $seconds, public ?int $job = null,
        public ?HeatPlayed $heat = null,
    ) {}

    /**
     * @param  array<array-key, mixed>  $sent  lesson, torch, how it lies, and moves
     *
     * @throws BadInput naming what is wrong
     * @throws NotFoundHttpException where there is no such lesson
     */
    public static function of(array $sent): self
    {
        $lesson = is_string($sent['lesson'] ?? null) ? $sent['lesson'] : throw BadInput::field(
            'lesson', 'The name of a lesson is accepted.',
        );

        return match (true) {
            preg_match(self::PUSH, $lesson, $part) === 1 => self::pushed($lesson, (int) $part[1], $sent),
            preg_match(self::POUR, $lesson, $part) === 1 => self::poured($lesson, $part[1], $sent),
            default => self::heated($lesson, $sent),
        };
    }

    /** @param array<array-key, mixed> $sent */
    private static function heated(string $lesson, array $sent): self
    {
        $support = is_string($sent['support'] ?? null) ? Support::tryFrom($sent['support']) : null;
        if (isset($sent['support']) && $support === null) {
            throw BadInput::field('support', 'One of '.implode(', ', Support::names()).' is accepted.');
        }
        $isBare = $sent['bare'] ?? false;
        is_bool($isBare) || throw BadInput::field('bare', 'true or false is accepted.');
        $heat = HeatLesson::named($lesson, $support, $isBare);
        $torch = Torch::tryFrom(is_string($sent['torch'] ?? null) ? $sent['torch'] : '') ?? throw BadInput::field(
            'torch', 'One of '.implode(', ', Torch::names()).' is accepted.',
        );
        $moves = self::moves($sent, Move::fields());
        $played = HeatPlayed::of($heat, $torch, array_map(Move::read(...), $moves));
        $judged = $played->rehearsal->judgement();

        return new self(
            $lesson, $heat->title, $played->kept(), self::rows($moves), $judged->outcome->value,
            $judged->outcome->rank(), $judged->sentence, count($moves) * Move::SECONDS, $heat->job?->id, $played,
        );
    }

    /** @param array<array-key, mixed> $sent */
    private static function pushed(string $lesson, int $count, array $sent): self
    {
        if ($count < 2 || $count > SetSequence::MOST) {
            throw new NotFoundHttpException;
        }
        $moves = self::moves($sent, [
            Field::count('push', 'which is pushed')->between(1, SetSequence::MOST), self::at(),
        ]);
        $pushes = Pushes::of($count, array_map(static fn (Input $move): int => (int) $move->num('push'), $moves));

        return new self(
            $lesson, "Pushing order of {$count}", ['count' => $count], self::rows($moves),
            $pushes->outcome()->value, $pushes->outcome()->rank(), $pushes->said(), self::last($moves),
        );
    }

    /** @param array<array-key, mixed> $sent */
    private static function poured(string $lesson, string $alloy, array $sent): self
    {
        $settings = Workshop::the()->rulebook->settings();
        in_array($alloy, $settings->names('stock.alloys'), true) || throw new NotFoundHttpException;
        $moves = self::moves($sent, [Field::choice('step', PourStep::names(), 'what is done'), self::at()]);
        $metal = Alloy::named($alloy, $settings);
        $pour = new PourRehearsed($metal, PourRehearsed::CHARGE, $metal->flask ?? PourRehearsed::FLASK, array_column(
            self::rows($moves), 'at', 'step',
        ));
        $outcome = $pour->outcome() ?? throw BadInput::field('moves', 'It was not poured; a release is accepted.');

        return new self(
            $lesson, "The pour’s minute in {$metal->label}", ['alloy' => $alloy], self::rows($moves), $outcome->value,
            $outcome->rank(), $pour->said(), self::last($moves),
        );
    }

    private static function at(): Field
    {
        return Field::number('at', 'when, s')->allowingZero()->between(0, 600);
    }

    /**
     * @param  array<array-key, mixed>  $sent
     * @param  list<Field>  $fields
     * @return list<Input>
     */
    private static function moves(array $sent, array $fields): array
    {
        $rows = $sent['moves'] ?? null;
        if (! is_array($rows) || ! array_is_list($rows) || $rows === [] || count($rows) > 1500) {
            throw BadInput::field('moves', 'A list of 1 to 1500 moves is accepted.');
        }
        $settings = Workshop::the()->rulebook->settings();

        return array_map(static fn (mixed $row): Input => Input::read(
            $fields, is_array($row) ? $row : throw BadInput::field('moves', 'Each move is an object.'), $settings,
        ), $rows);
    }

    /**
     * @param  list<Input>  $moves
     * @return list<array<string, mixed>>
     */
    private static function rows(array $moves): array
    {
        return array_map(static fn (Input $move): array => $move->values(), $moves);
    }

    /** @param list<Input> $moves */
    private static function last(array $moves): float
    {
        return $moves[count($moves) - 1]->num('at');
    }
}
