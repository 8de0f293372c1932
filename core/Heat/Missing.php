<?php

declare(strict_types=1);

namespace HotSprue\Heat;

/** What was not there for a joint to flow, however hot it came. */
enum Missing
{
    case Chip;
    case Solder;
    case Flux;
    case Spent;

    /**
     * Of the joints that did not flow, the first cause in the order of the work.
     *
     * @param  list<array{at_s: float, sign: string, at: string, seen: string}>  $marks
     */
    public static function of(Piece $end, array $marks): ?self
    {
        $jumped = array_column(
            array_filter($marks, static fn (array $mark): bool => $mark['sign'] === 'jumps'), 'at',
        );
        $found = [];
        foreach ($end->now() as $contact) {
            $found[] = match (true) {
                $contact->solder === SolderState::Flowed => null,
                $contact->solder === SolderState::None => in_array($contact->joint, $jumped, true)
                    ? self::Chip : self::Solder,
                ! $contact->needsFlux => null,
                $contact->flux === Flux::None => self::Flux,
                $contact->flux === Flux::Spent => self::Spent,
                default => null,
            };
        }
        foreach (self::cases() as $case) {
            if (in_array($case, $found, true)) {
                return $case;
            }
        }

        return null;
    }

    public function said(): string
    {
        return match ($this) {
            self::Chip => 'The chip jumped off with the boiling flux',
            self::Solder => 'There was no solder at the joint',
            self::Flux => 'There was no flux at the joint, and solder does not wet dull metal',
            self::Spent => 'The flux was spent before the solder flowed',
        };
    }

    public function remedy(): string
    {
        return match ($this) {
            self::Chip => 'warm it slowly until the crust is dry, or feed the solder by hand',
            self::Solder => 'lay chips before, or feed it when both sides are at heat',
            self::Flux => 'flux both faces first',
            self::Spent => 'bring it to heat more quickly, or pickle and flux anew',
        };
    }

    public function sentence(): string
    {
        return "{$this->said()}: {$this->remedy()}.";
    }
}
