<?php

declare(strict_types=1);

namespace HotSprue;

use HotSprue\Burnout\BurnoutCore;
use HotSprue\Burnout\BurnoutProgramme;
use HotSprue\Burnout\PourTemperatures;
use HotSprue\Calculation\Answer;
use HotSprue\Calculation\Calculation;
use HotSprue\Calculation\Description;
use HotSprue\Calculation\UnknownCalculation;
use HotSprue\Fields\BadInput;
use HotSprue\Finish\BenchOrder;
use HotSprue\Finish\CareAdvice;
use HotSprue\Finish\FinishPlan;
use HotSprue\Finish\HandOver;
use HotSprue\Form\FormBand;
use HotSprue\Form\SizeConvert;
use HotSprue\Form\SizeFit;
use HotSprue\Heat\HeatPiece;
use HotSprue\Heat\HeatStep;
use HotSprue\Heat\PourMinute;
use HotSprue\Layout\LayoutCluster;
use HotSprue\Layout\LayoutDivide;
use HotSprue\Layout\LayoutGrid;
use HotSprue\Layout\LayoutHalo;
use HotSprue\Layout\LayoutLettering;
use HotSprue\Layout\LayoutRow;
use HotSprue\Layout\LayoutSymmetry;
use HotSprue\Metal\AlloyDensity;
use HotSprue\Metal\AlloyMix;
use HotSprue\Metal\MetalCharge;
use HotSprue\OwnFigures\OwnFigure;
use HotSprue\Plan\TimePlan;
use HotSprue\Plan\TimePromise;
use HotSprue\Pour\CastCheck;
use HotSprue\Pour\PourFill;
use HotSprue\Pour\SpinBalance;
use HotSprue\Price\PriceQuote;
use HotSprue\Seats\SeatBezel;
use HotSprue\Seats\SeatClaw;
use HotSprue\Seats\SeatDepth;
use HotSprue\Seats\SeatGallery;
use HotSprue\Seats\SeatRound;
use HotSprue\Setting\SetPush;
use HotSprue\Setting\SetSequence;
use HotSprue\Setting\SettingPlace;
use HotSprue\Setting\SettingsCut;
use HotSprue\Setting\SettingsTotal;
use HotSprue\Setting\ToolsList;
use HotSprue\Solder\JoinAdvice;
use HotSprue\Solder\JoinChips;
use HotSprue\Solder\JoinPlan;
use HotSprue\Solder\StretchTest;
use HotSprue\Stones\StoneCare;
use HotSprue\Stones\StoneOutline;
use HotSprue\Stones\StoneWeight;
use HotSprue\Strip\AnnealPasses;
use HotSprue\Strip\ForgeLength;
use HotSprue\Strip\IngotLength;
use HotSprue\Strip\InlayFit;
use HotSprue\Strip\PlateCut;
use HotSprue\Strip\SeamFit;
use HotSprue\Strip\SizeChange;
use HotSprue\Strip\StockCut;
use HotSprue\Strip\StripLength;
use HotSprue\Strip\WireRing;
use HotSprue\Time\TimeSteps;
use HotSprue\Tree\FlaskChoose;
use HotSprue\Tree\InvestmentMix;
use HotSprue\Tree\SprueSize;
use HotSprue\Tree\TreePack;
use HotSprue\Wax\BlankChoose;
use HotSprue\Wax\ClayRing;
use HotSprue\Wax\WaxDensity;
use HotSprue\Wax\WaxDimensions;
use HotSprue\Wax\WaxLike;
use HotSprue\Wax\WaxPredict;
use HotSprue\Workshop\WorkshopSettings;

/** Every sheet there is, in the order of the job. */
final class Calculations
{
    private const CLASSES = [
        'size.convert' => SizeConvert::class,
        'size.fit' => SizeFit::class,
        'form.band' => FormBand::class,
        'stone.outline' => StoneOutline::class,
        'stone.weight' => StoneWeight::class,
        'care.check' => StoneCare::class,
        'seat.bezel' => SeatBezel::class,
        'seat.claw' => SeatClaw::class,
        'seat.round' => SeatRound::class,
        'seat.depth' => SeatDepth::class,
        'seat.gallery' => SeatGallery::class,
        'setting.place' => SettingPlace::class,
        'settings.total' => SettingsTotal::class,
        'settings.cut' => SettingsCut::class,
        'layout.halo' => LayoutHalo::class,
        'layout.cluster' => LayoutCluster::class,
        'layout.row' => LayoutRow::class,
        'layout.lettering' => LayoutLettering::class,
        'layout.divide' => LayoutDivide::class,
        'layout.grid' => LayoutGrid::class,
        'layout.symmetry' => LayoutSymmetry::class,
        'wax.dimensions' => WaxDimensions::class,
        'wax.predict' => WaxPredict::class,
        'wax.density' => WaxDensity::class,
        'wax.like' => WaxLike::class,
        'clay.ring' => ClayRing::class,
        'blank.choose' => BlankChoose::class,
        'metal.charge' => MetalCharge::class,
        'alloy.density' => AlloyDensity::class,
        'alloy.mix' => AlloyMix::class,
        'sprue.size' => SprueSize::class,
        'flask.choose' => FlaskChoose::class,
        'tree.pack' => TreePack::class,
        'investment.mix' => InvestmentMix::class,
        'pour.temperatures' => PourTemperatures::class,
        'burnout.programme' => BurnoutProgramme::class,
        'burnout.core' => BurnoutCore::class,
        'pour.fill' => PourFill::class,
        'spin.balance' => SpinBalance::class,
        'cast.check' => CastCheck::class,
        'strip.length' => StripLength::class,
        'stock.cut' => StockCut::class,
        'plate.cut' => PlateCut::class,
        'wire.ring' => WireRing::class,
        'forge.length' => ForgeLength::class,
        'seam.fit' => SeamFit::class,
        'ingot.length' => IngotLength::class,
        'anneal.passes' => AnnealPasses::class,
        'inlay.fit' => InlayFit::class,
        'size.change' => SizeChange::class,
        'join.plan' => JoinPlan::class,
        'join.advice' => JoinAdvice::class,
        'join.chips' => JoinChips::class,
        'stretch.test' => StretchTest::class,
        'heat.piece' => HeatPiece::class,
        'heat.step' => HeatStep::class,
        'pour.minute' => PourMinute::class,
        'set.sequence' => SetSequence::class,
        'set.push' => SetPush::class,
        'tools.list' => ToolsList::class,
        'bench.order' => BenchOrder::class,
        'finish.plan' => FinishPlan::class,
        'hand.over' => HandOver::class,
        'care.advice' => CareAdvice::class,
        'time.steps' => TimeSteps::class,
        'time.plan' => TimePlan::class,
        'time.promise' => TimePromise::class,
        'price.quote' => PriceQuote::class,
        'own.figure' => OwnFigure::class,
    ];

    /** @var array<string, Calculation> those asked for so far */
    private static array $made = [];

    /** @return array<string, Calculation> */
    public static function all(): array
    {
        return array_combine(array_keys(self::CLASSES), array_map(self::named(...), array_keys(self::CLASSES)));
    }

    /** @throws UnknownCalculation */
    public static function named(string $name): Calculation
    {
        $class = self::CLASSES[$name] ?? throw UnknownCalculation::named($name, array_keys(self::CLASSES));

        return self::$made[$name] ??= new $class;
    }

    /** @throws UnknownCalculation */
    public static function describe(string $name): Description
    {
        return Description::of(self::named($name));
    }

    /**
     * Answers a sheet from raw inputs. `rules` among them are the workshop's own figures by path;
     * without them the shipped defaults hold.
     *
     * @param  array<array-key, mixed>  $raw
     *
     * @throws UnknownCalculation
     * @throws BadInput
     */
    public static function answer(string $name, array $raw): Answer
    {
        $sheet = self::named($name);
        $settings = WorkshopSettings::shipped();
        if (array_key_exists('rules', $raw)) {
            $settings = is_array($raw['rules'])
                ? WorkshopSettings::with($raw['rules'])
                : throw BadInput::field('rules', 'An object of the workshop’s figures by path is accepted.');
            unset($raw['rules']);
        }

        return Answer::of($sheet, $raw, $settings);
    }
}
