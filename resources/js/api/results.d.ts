/** The value of every result, by the use of a sheet on a job. Generated. */
export interface Results {
    'size.convert': {
        inner_circumference: number;
        inner_diameter: number;
        marks: unknown[];
    };
    'size.fit': {
        advice_us: number;
        applied_us: number;
        inner_diameter: number;
        inner_circumference: number;
        mark: string;
    };
    'form.band': {
        volume_mm3: number;
        ring_volume_mm3: number;
        area_top: number;
        area_base: number;
        perimeter_top: number;
        centroid_top: number;
        section_modulus: number;
        outer_diameter_top: number;
        outer_diameter_base: number;
        outer_height: number;
        width_greatest: number;
        whole_across: number;
        whole_along: number;
        whole_tall: number;
        unrolled_inner: number;
        unrolled_outer: number;
        least_thickness: number;
        share_above: number;
        mass: number;
        masses: unknown[];
    };
    'strip.length': {
        length: number;
        bench_rule: number;
        rule_off: number;
        blanks: number;
        over_all: number;
        centroid: number;
        volume_mm3: number;
        mass: number;
        left_over: number;
    };
    'stock.cut': {
        used: number;
        left_over: number;
        still_makes: unknown[];
    };
    'plate.cut': {
        blank: number;
        makes: number;
        area: number;
        edge: number;
        points: unknown[];
        mass_each: number;
        waste_share: number;
    };
    'form.divide': {
        part: number;
        smallest: number;
        lines: unknown[];
        parts_mm: unknown[];
    };
    'settings.cut': {
        pieces: unknown[];
        strip_length: number;
        wire_length: number;
        tube_length: number;
        pieces_mass: number;
        needed_mass: number;
        old_left: number;
    };
    'wire.ring': {
        mandrel: number;
        each: number;
        wire_total: number;
        coil: number;
        outside: number;
        mass: number;
    };
    'forge.length': {
        length_after: number;
        gained: number;
        reduction: number;
        anneals: number;
    };
    'seam.fit': {
        crescent: number;
        left: number;
        flat_depth: number;
        joint: number;
    };
    'ingot.length': {
        length: number;
        anneals: number;
        mass_wanted: number;
    };
    'anneal.bend': {
        strain: number;
        each: number;
        anneals: number;
        annealing: string;
    };
    'anneal.passes': {
        strain: number;
        each: number;
        anneals: number;
        annealing: string;
    };
    'inlay.fit': {
        floor_diameter: number;
        length: number;
        groove_width: number;
        lip: number;
        left_under: number;
        press: number;
        passes: number;
        proud: number;
        annealing: string;
    };
    'size.rounded': {
        change_diameter: number;
        change_round: number;
        strain: number;
        limit: number;
        method: string;
        insert: number;
        edges_apart: number;
        scribe_apart: number;
        edges_outside: number;
        scribe_outside: number;
        passes: number;
        annealing: string;
        steps: unknown[];
        thickness_after: number;
        metal_change: number;
        price_hint: number;
    };
    'size.change': {
        change_diameter: number;
        change_round: number;
        strain: number;
        limit: number;
        method: string;
        insert: number;
        edges_apart: number;
        scribe_apart: number;
        edges_outside: number;
        scribe_outside: number;
        passes: number;
        annealing: string;
        steps: unknown[];
        thickness_after: number;
        metal_change: number;
        price_hint: number;
    };
    'stone.outline': {
        perimeter: number;
        area: number;
        centroid_to_base: number;
        centroid_to_top: number;
        box_width: number;
        box_length: number;
        distances: unknown[];
        points: unknown[];
    };
    'stone.weight': {
        carats: number;
        carats_each: number;
        carats_low: number;
        carats_high: number;
        mass: number;
        how: string;
    };
    'seat.bezel': {
        strip_length: number;
        strip_height: number;
        seat_height: number;
        cover: number;
        outside_width: number;
        outside_length: number;
        volume_mm3: number;
        wax_volume_mm3: number;
        mass: number;
        masses: unknown[];
        wall_in_wax: number;
        outside_width_in_wax: number;
        outside_length_in_wax: number;
        height_in_wax: number;
        root_modulus: number;
        seat_width_in_wax: number;
        seat_length_in_wax: number;
        play_in_wax: number;
        tube: string;
        tube_inside: number;
    };
    'seat.tube': {
        strip_length: number;
        strip_height: number;
        seat_height: number;
        cover: number;
        outside_width: number;
        outside_length: number;
        volume_mm3: number;
        wax_volume_mm3: number;
        mass: number;
        masses: unknown[];
        wall_in_wax: number;
        outside_width_in_wax: number;
        outside_length_in_wax: number;
        height_in_wax: number;
        root_modulus: number;
        seat_width_in_wax: number;
        seat_length_in_wax: number;
        play_in_wax: number;
        tube: string;
        tube_inside: number;
    };
    'seat.claw': {
        claws: number;
        wire: number;
        notch: number;
        below: number;
        cut_length: number;
        pilot: number;
        volume_mm3: number;
        wax_volume_mm3: number;
        outside_width_in_wax: number;
        outside_length_in_wax: number;
        height_in_wax: number;
        places: unknown[];
    };
    'seat.gallery': {
        rings: unknown[];
        ring_length: number;
        strut_length: number;
        wire_total: number;
        volume_mm3: number;
        mass: number;
    };
    'seat.round': {
        pilot: number;
        opened: number;
        ball: number;
        bearing: number;
        girdle_below: number;
        seat_depth: number;
        bead_from: number;
        bead_to: number;
        cup: number;
        tool: string;
        tools: unknown[];
        on_band: unknown[];
    };
    'seat.depth': {
        seat_depth: number;
        metal_below: number;
        culet_height: number;
        light_opening: number;
        girdle_gap: number;
        wall_at_culet: number;
        wall_at_finger: number;
    };
    'layout.halo': {
        count_max: number;
        count: number;
        ring_length: number;
        pitch: number;
        gap_left: number;
        edge_gap_for_count: number;
        edge_gap_for_one_more: number;
        start: string;
        positions: unknown[];
        claws_clear_deg: unknown[];
        drill_order: unknown[];
    };
    'layout.cluster': {
        count: number;
        least_gap: number;
        greatest_gap: number;
        wire: number;
        notch_depth: number;
        outer_claws: number;
        inner_claws: number;
        drill: number;
        cut_length: number;
        wire_total: number;
        wire_volume_mm3: number;
        plate_length: number;
        plate_width: number;
        volume_mm3: number;
        mass: number;
        positions: unknown[];
        claws: unknown[];
        plate: unknown[];
        cuts: unknown[];
        drill_order: unknown[];
    };
    'layout.row': {
        girdle_radius: number;
        total_arc_deg: number;
        total_arc: number;
        arc_share: number;
        least_wall: number;
        wall_at_finger: number;
        girdle_gap: number;
        stones: unknown[];
        other_way: unknown[];
        on_band: unknown[];
    };
    'setting.place': {
        along: number;
        least_gap: number;
        nearest: string;
        bridge: number;
        edge_left: number;
        opening: number;
        culet_over_finger: number;
        on_band: unknown[];
    };
    'settings.total': {
        stones: number;
        carats: number;
        stones_mass: number;
        metal_mass: number;
        apart_mass: number;
        minutes: number;
        each: unknown[];
    };
    'care.check': {
        stands: unknown[];
        softest: number;
    };
    'wax.dimensions': {
        bore: number;
        bore_mark: string;
        width: number;
        width_base: number;
        thickness: number;
        thickness_base: number;
        outside: number;
        bore_as_cast: number;
        width_as_cast: number;
        width_base_as_cast: number;
        thickness_as_cast: number;
        thickness_base_as_cast: number;
        thinnest_as_cast: number;
        finishing_opens: number;
        shrinkage_closes: number;
        mandrel: number;
        sizes_up_us: number;
    };
    'wax.pattern': {
        volume_mm3: number;
        ring_volume_mm3: number;
        area_top: number;
        area_base: number;
        perimeter_top: number;
        centroid_top: number;
        section_modulus: number;
        outer_diameter_top: number;
        outer_diameter_base: number;
        outer_height: number;
        width_greatest: number;
        whole_across: number;
        whole_along: number;
        whole_tall: number;
        unrolled_inner: number;
        unrolled_outer: number;
        least_thickness: number;
        share_above: number;
        mass: number;
        masses: unknown[];
    };
    'blank.choose': {
        blank: string;
        slice: number;
        spare: number;
        blank_across: number;
        trued_across: number;
        bore_to_drill: number;
        waste_mm3: number;
        waste_share: number;
    };
    'layout.grid': {
        circumference: number;
        quarter: number;
        centre: number;
        lines: unknown[];
        stones: unknown[];
    };
    'layout.lettering': {
        circumference: number;
        unit: number;
        narrowest: number;
        cells: unknown[];
    };
    'layout.symmetry': {
        worst: number;
        differences: unknown[];
    };
    'wax.predict': {
        inner_diameter: number;
        inner_circumference: number;
        mark: string;
        width: number;
        thickness: number;
    };
    'wax.like': {
        ratio: number;
        wax_mass: number;
    };
    'clay.ring': {
        mandrel: number;
        mandrel_mark: string;
        sizes_up: number;
        width_wet: number;
        thickness_wet: number;
        cards: number;
        thickness_fired: number;
        seat: number;
        punch: number;
        fire_at: number;
        fire_min: number;
        stages: unknown[];
        shrinkage_measured: number;
    };
    'sprue.size': {
        section_modulus: number;
        thinnest_modulus: number;
        diameter: number;
        stock_diameter: number;
        count: number;
        gate_area: number;
        sprue_volume_mm3: number;
        legs_mm: unknown[];
        height: number;
        stem_diameter: number;
        reaches: unknown[];
    };
    'flask.choose': {
        flask: string;
        flask_diameter: number;
        flask_height: number;
        wall_margin: number;
        end_margin: number;
    };
    'investment.mix': {
        slurry_ml: number;
        powder_mass: number;
        water_mass: number;
        clock: unknown[];
        stand_min: number;
    };
    'burnout.programme': {
        school: string;
        stages: unknown[];
        flask_temperature: number;
        gypsum_limit: number;
        total_min: number;
        start_at: string;
        ready_by: string;
    };
    'burnout.core': {
        dry_at_min: number;
        above_620_min: number;
        core_at_pour: number;
        largest_lag: number;
        total_min: number;
        gypsum_limit: number;
        curves: unknown[];
    };
    'pour.temperatures': {
        flask_temperature: number;
        metal_low: number;
        metal_high: number;
    };
    'metal.charge': {
        piece_mass: number;
        fill_mass: number;
        piece_volume_mm3: number;
        pattern_volume_mm3: number;
        expected_mass: number;
        expected_piece_mass: number;
        button_mass: number;
        charge_mass: number;
        factor: number;
        new_share: number;
    };
    'pour.fill': {
        fill_time_s: number;
        freeze_time_s: number;
        drive_pa: number;
        entry_pa: number;
        fill_share: number;
    };
    'spin.balance': {
        moment_g_mm: number;
        counterweight_radius: number;
        counterweight_mass: number;
        turns: number;
    };
    'cast.check': {
        loss: number;
        loss_share: number;
        off_expected: number;
        light_share: number;
        shrinkage: number;
        bore_off: number;
    };
    'join.plan': {
        possible: string;
        fires: number;
        heats: unknown[];
        order: string;
        safe_flow: number;
        least_margin: number;
        last_flow: number;
        remaining_grades: unknown[];
        sharing: unknown[];
        cost: string;
        stones: unknown[];
        fused: unknown[];
        cold: unknown[];
        clash: unknown[];
        remedies: unknown[];
    };
    'set.sequence': {
        sequence: unknown[];
        steps: number;
        pushes: number;
        apart_deg: number;
        rounds: unknown[];
        before: unknown[];
        claws: unknown[];
        after: unknown[];
    };
    'tools.list': {
        tools: unknown[];
        needed: number;
        missing: number;
    };
    'bench.order': {
        steps: unknown[];
        count: number;
    };
    'finish.plan': {
        steps: unknown[];
        grit_steps: number;
        greatest_step: number;
        tumbling: number;
        loss: number;
        loss_share: number;
    };
    'care.finish': {
        stands: unknown[];
        softest: number;
    };
    'hand.over': {
        metal_mass: number;
        off_expected: number;
        size_off: number;
        fine_mass: number;
        client_balance: number;
        left: unknown[];
    };
    'care.advice': {
        advice: unknown[];
        points: number;
    };
}
