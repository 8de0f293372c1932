<?php

declare(strict_types=1);

namespace HotSprue\Heat;

use Closure;
use HotSprue\Fields\BadInput;

/** Something that the other hand does to the piece. */
enum Act: string
{
    case Coat = 'coat';
    case Flux = 'flux';
    case Lay = 'lay';
    case Feed = 'feed';
    case Guard = 'guard';
    case Sink = 'sink';

    /** A sink or wet paste lasts so long, s. */
    public const SINK = 60.0;

    /** Over this a brush of alcohol, loam or a chip that is laid by hand is no longer possible, °C. */
    private const COLD = 100.0;

    /** @return list<string> */
    public static function names(): array
    {
        return array_column(self::cases(), 'value');
    }

    /**
     * `feed: seam` feeds solder to one joint; without a name an act is for all that it may be for.
     *
     * @return Closure(Piece): Piece
     *
     * @throws BadInput when the act or what it is done to is unknown
     */
    public static function read(string $said, Piece $piece): Closure
    {
        [$name, $at] = [...explode(':', $said, 2), ''];
        $act = self::tryFrom(trim($name)) ?? throw BadInput::field('acts', sprintf(
            '%s is not known here; %s is accepted.', $name, implode(', ', self::names()),
        ));
        $at = trim($at);
        $known = $act === self::Sink ? $piece->parts() : array_map(
            static fn (Contact $contact): string => $contact->joint, $piece->contacts,
        );
        if ($at !== '' && ! in_array($at, $known, true)) {
            throw BadInput::field('acts', sprintf(
                '%s is not here; %s is accepted.', $at, implode(', ', array_unique($known)),
            ));
        }

        return static fn (Piece $piece): Piece => $act->on($piece, $at === '' ? null : $at);
    }

    private function on(Piece $piece, ?string $at): Piece
    {
        $isCold = static fn (Contact $contact): bool => $piece->heatOf($contact) <= self::COLD;

        return match ($this) {
            self::Coat => self::nodes($piece, static fn (Node $node): Node => $node->celsius > self::COLD
                ? $node : $node->with(coated: true)),
            self::Sink => self::nodes($piece, static fn (Node $node): Node => $at !== null && $node->part !== $at
                ? $node : $node->with(sink: self::SINK)),
            self::Flux => self::contacts($piece, $at, static fn (Contact $contact): Contact => $contact->isNow
                ? $contact->with(['flux' => Flux::Wet->heated($piece->heatOf($contact), 0.0), 'clear' => 0.0])
                : $contact),
            self::Guard => self::contacts($piece, $at, static fn (Contact $contact): Contact => $isCold($contact)
                && ! $contact->isNow ? $contact->with(['isGuarded' => true]) : $contact),
            self::Lay => self::contacts($piece, $at, static fn (Contact $contact): Contact => $isCold($contact)
                && $contact->isNow && $contact->solder === SolderState::None
                ? $contact->with(['solder' => SolderState::Laid]) : $contact),
            self::Feed => self::contacts($piece, $at, static fn (Contact $contact): Contact => $contact->isNow
                && $contact->solder === SolderState::None
                ? $contact->with(['solder' => SolderState::Laid]) : $contact),
        };
    }

    /** @param Closure(Node): Node $change */
    private static function nodes(Piece $piece, Closure $change): Piece
    {
        return $piece->with(nodes: array_map($change, $piece->nodes));
    }

    /** @param Closure(Contact): Contact $change */
    private static function contacts(Piece $piece, ?string $at, Closure $change): Piece
    {
        return $piece->with(contacts: array_map(
            static fn (Contact $contact): Contact => $at !== null && $contact->joint !== $at
                ? $contact : $change($contact),
            $piece->contacts,
        ));
    }
}
