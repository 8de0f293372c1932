<?php

declare(strict_types=1);

namespace App\Rehearsals;

use App\Bench\JobSurroundings;
use App\Models\Job;
use App\Models\Workshop;
use HotSprue\Calculation\Answer;
use HotSprue\Calculations;
use HotSprue\Fields\BadInput;
use HotSprue\Fields\Input;
use HotSprue\Heat\GoodHand;
use HotSprue\Heat\HeatPiece;
use HotSprue\Heat\Lessons;
use HotSprue\Heat\Move;
use HotSprue\Heat\Piece;
use HotSprue\Heat\PieceBuilder;
use HotSprue\Heat\Rehearsal;
use HotSprue\Heat\Support;
use HotSprue\Heat\TorchChoice;
use HotSprue\Job\JobAnswers;
use HotSprue\Job\RehearsedHeat;
use HotSprue\Stock\Torch;
use HotSprue\Workshop\WorkshopSettings;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** A lesson of the set, or a heat of a job as one: `ring-seam`, or `job-141-2` for the second heat of job 141. */
final readonly class HeatLesson
{
    public const KEY = '[a-z0-9-]{1,40}';

    /** @param array<string, mixed> $given as `heat.piece` takes it */
    private function __construct(
        public string $key, public string $title, public string $teaches, public array $given,
        private WorkshopSettings $settings, public ?Job $job = null,
    ) {}

    /**
     * @param  ?Support  $support  what it lies on; the lesson’s own unless said
     * @param  bool  $isBare  whether coat, flux and chips are left to the hands that rehearse it
     *
     * @throws NotFoundHttpException where there is no such lesson
     * @throws BadInput where the job’s solder is not planned as far as that
     */
    public static function named(string $key, ?Support $support = null, bool $isBare = false): self
    {
        $lesson = self::known($key);
        $given = [...$lesson->given, ...($support === null ? [] : ['support' => $support->value])];

        return new self(
            $lesson->key, $lesson->title, $lesson->teaches, $isBare ? self::bare($given) : $given,
            $lesson->settings, $lesson->job,
        );
    }

    /**
     * @param  array<string, mixed>  $given
     * @return array<string, mixed>
     */
    private static function bare(array $given): array
    {
        return [...$given, 'coat' => false, 'flux' => false, 'joints' => array_map(
            static fn (array $joint): array => [...$joint, 'form' => 'fed'], $given['joints'],
        )];
    }

    /** Whether nothing was done to it yet. */
    public function isBare(): bool
    {
        return ! $this->input()->flag('flux');
    }

    private static function known(string $key): self
    {
        if (preg_match('/^job-(\d{1,9})-(\d{1,2})$/D', $key, $part) === 1) {
            return self::ofJob($key, (int) $part[1], (int) $part[2]);
        }
        $lesson = Lessons::all()[$key] ?? throw new NotFoundHttpException;

        return new self(
            $key, $lesson->title, $lesson->teaches, $lesson->piece, Workshop::the()->rulebook->settings(),
        );
    }

    private static function ofJob(string $key, int $number, int $heat): self
    {
        $job = Job::query()->with(['client', 'rulebook'])->where('number', $number)->first()
            ?? throw new NotFoundHttpException;
        $document = $job->held();
        $answers = JobAnswers::of($document, $job->settings(), null, JobSurroundings::of($job, $document));
        $given = RehearsedHeat::of($answers, $heat);
        $heats = $answers->value('join.plan', 'heats');
        $card = is_array($heats) ? $heats[$heat - 1] : [];

        return new self(
            $key, sprintf('Job %d, heat %d: %s', $number, $heat, implode(' and ', $card['joints'])),
            sprintf('%s. Flame on %s, %s.', ucfirst($card['label']), $card['flame_on'], $card['from']), $given,
            $job->settings(), $job,
        );
    }

    /** What it lies on or hangs from. */
    public function support(): Support
    {
        return Support::from($this->input()->text('support'));
    }

    public function answer(): Answer
    {
        return Calculations::named('heat.piece')->reckon($this->input(), $this->settings);
    }

    /** @return array<string, mixed> the piece as it lies before the torch is lit */
    public function laid(): array
    {
        $answer = $this->answer();

        return [
            'nodes' => $answer->value('nodes'), 'links' => $answer->value('links'),
            'contacts' => $answer->value('contacts'), 'outlines' => $answer->value('outlines'),
        ];
    }

    public function piece(): Piece
    {
        return PieceBuilder::of($this->input(), $this->settings)->piece();
    }

    /** The torch that it is begun with. */
    public function torch(): Torch
    {
        return TorchChoice::for($this->piece(), Torch::from((string) $this->settings->value('heat.torch')));
    }

    /** @param list<Move> $moves */
    public function played(Torch $torch, array $moves): Rehearsal
    {
        return Rehearsal::of($this->piece(), $torch, $moves);
    }

    /** @return list<Move> as a good hand leads the flame */
    public function shown(Torch $torch): array
    {
        return GoodHand::moves($this->piece(), $torch);
    }

    private function input(): Input
    {
        return Input::read(HeatPiece::fields(), $this->given, $this->settings);
    }
}
