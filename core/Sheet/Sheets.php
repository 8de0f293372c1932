<?php

declare(strict_types=1);

namespace HotSprue\Sheet;

use HotSprue\Burnout\BurnoutCore;
use HotSprue\Burnout\BurnoutProgramme;
use HotSprue\Burnout\PourTemperatures;
use HotSprue\Finish\CareAdvice;
use HotSprue\Finish\FinishPlan;
use HotSprue\Finish\HandOver;
use HotSprue\Form\FormBand;
use HotSprue\Form\SizeConvert;
use HotSprue\Form\SizeFit;
use HotSprue\Layout\LayoutDivide;
use HotSprue\Layout\LayoutGrid;
use HotSprue\Layout\LayoutHalo;
use HotSprue\Layout\LayoutLettering;
use HotSprue\Layout\LayoutRow;
use HotSprue\Layout\LayoutSymmetry;
use HotSprue\Metal\AlloyDensity;
use HotSprue\Metal\AlloyMix;
use HotSprue\Metal\MetalCharge;
use HotSprue\Pour\CastCheck;
use HotSprue\Pour\PourFill;
use HotSprue\Pour\SpinBalance;
use HotSprue\Rules\Rules;
use HotSprue\Seats\SeatBezel;
use HotSprue\Seats\SeatClaw;
use HotSprue\Seats\SeatDepth;
use HotSprue\Seats\SeatRound;
use HotSprue\Setting\SetSequence;
use HotSprue\Setting\ToolsList;
use HotSprue\Solder\JoinAdvice;
use HotSprue\Solder\JoinChips;
use HotSprue\Solder\JoinPlan;
use HotSprue\Solder\StretchTest;
use HotSprue\Stones\StoneCare;
use HotSprue\Stones\StoneOutline;
use HotSprue\Stones\StoneWeight;
use HotSprue\Strip\AnnealPasses;
use HotSprue\Strip\InlayFit;
use HotSprue\Strip\PlateCut;
use HotSprue\Strip\SizeChange;
use HotSprue\Strip\StockCut;
use HotSprue\Strip\StripLength;
use HotSprue\Tree\FlaskChoose;
use HotSprue\Tree\InvestmentMix;
use HotSprue\Tree\SprueSize;
use HotSprue\Tree\TreePack;
use HotSprue\Wax\BlankChoose;
use HotSprue\Wax\WaxDensity;
use HotSprue\Wax\WaxDimensions;
use HotSprue\Wax\WaxPredict;

/** Every sheet there is, in the order of the job. */
final class Sheets
{
    private const CLASSES = [
        SizeConvert::class, SizeFit::class, FormBand::class,
        StoneOutline::class, StoneWeight::class, StoneCare::class, SeatBezel::class, SeatClaw::class, SeatRound::class, SeatDepth::class,
        LayoutHalo::class, LayoutRow::class, LayoutLettering::class, LayoutDivide::class, LayoutGrid::class, LayoutSymmetry::class,
        WaxDimensions::class, WaxPredict::class, WaxDensity::class,
        BlankChoose::class, MetalCharge::class, AlloyDensity::class, AlloyMix::class, SprueSize::class, FlaskChoose::class, TreePack::class, InvestmentMix::class,
        PourTemperatures::class, BurnoutProgramme::class, BurnoutCore::class, PourFill::class, SpinBalance::class, CastCheck::class,
        StripLength::class, StockCut::class, PlateCut::class, AnnealPasses::class, InlayFit::class, SizeChange::class,
        JoinPlan::class, JoinAdvice::class, JoinChips::class, StretchTest::class,
        SetSequence::class, ToolsList::class, FinishPlan::class, HandOver::class, CareAdvice::class,
    ];

    /** @var array<string, Sheet>|null */
    private static ?array $all = null;

    /** @var array<string, Description> */
    private static array $descriptions = [];

    /** @return array<string, Sheet> */
    public static function all(): array
    {
        if (self::$all === null) {
            self::$all = [];
            foreach (self::CLASSES as $class) {
                $sheet = new $class;
                $name = $sheet->description()->name;
                self::$descriptions[$name] = $sheet->description();
                self::$all[$name] = $sheet;
            }
        }

        return self::$all;
    }

    /** @throws UnknownSheet */
    public static function named(string $name): Sheet
    {
        return self::all()[$name] ?? throw UnknownSheet::named($name, array_keys(self::all()));
    }

    /** @throws UnknownSheet */
    public static function describe(string $name): Description
    {
        self::named($name);

        return self::$descriptions[$name];
    }

    /**
     * Answers a sheet from raw inputs. `rules` among them are the workshop's own figures by path;
     * without them the shipped defaults hold.
     *
     * @param  array<array-key, mixed>  $raw
     *
     * @throws UnknownSheet
     * @throws BadInput
     */
    public static function answer(string $name, array $raw): Answer
    {
        $sheet = self::named($name);
        $rules = Rules::shipped();
        if (array_key_exists('rules', $raw)) {
            $rules = is_array($raw['rules'])
                ? Rules::with($raw['rules'])
                : throw BadInput::field('rules', 'An object of the workshop’s figures by path is accepted.');
            unset($raw['rules']);
        }

        return $sheet->reckon(Input::read(self::describe($name)->inputs, $raw, $rules), $rules);
    }
}
