export type paths = Record<string, never>;
export type webhooks = Record<string, never>;
export interface components {
    schemas: {
        Result: {
            value: unknown;
            unit: string | null;
        };
        Working: {
            result: string;
            formula: string;
            with: string;
            because: string;
            source: string;
            used: {
                [key: string]: "measured" | "typed" | "reckoned" | "shop" | "default";
            };
        };
        Finding: {
            /** @enum {string} */
            level: "stop" | "caution" | "note";
            code: string;
            about: string;
            message: string;
            remedy: string;
            set: {
                [key: string]: number | string | boolean;
            };
        };
        Answer: {
            sheet: string;
            results: {
                [key: string]: components["schemas"]["Result"];
            };
            working: components["schemas"]["Working"][];
            findings: components["schemas"]["Finding"][];
        };
        ShownInput: {
            value: unknown;
            origin: string;
            path: string | null;
        };
        Shape: {
            /** @enum {string} */
            kind: "line" | "circle" | "path" | "text";
            style: string;
            x1?: number;
            y1?: number;
            x2?: number;
            y2?: number;
            cx?: number;
            cy?: number;
            r?: number;
            d?: string;
            x?: number;
            y?: number;
            text?: string;
            celsius?: number;
            words?: string;
            /** @enum {string} */
            anchor?: "start" | "middle" | "end";
        };
        Dimension: {
            use?: string;
            /** @enum {string} */
            kind: "input" | "result";
            name: string;
            label: string;
            at: number[];
            line: number[][];
            shows: number | string | null;
            pull: number[] | null;
        };
        View: {
            use: string;
            name: string;
            title: string;
            /** @enum {string} */
            role: "main" | "side" | "foot" | "clock" | "levels";
            box: number[];
            magnify: number;
            shapes: components["schemas"]["Shape"][];
            dimensions: components["schemas"]["Dimension"][];
            targets: {
                setting: string;
                label: string;
                x: number;
                y: number;
                r: number;
            }[];
        };
        Sum: {
            answer: components["schemas"]["Answer"];
            inputs: {
                [key: string]: components["schemas"]["ShownInput"];
            };
            views: components["schemas"]["View"][];
            columns: {
                [key: string]: {
                    name: string;
                    label: string;
                    quantity: string | null;
                }[];
            };
            may_turn: boolean;
            solid?: components["schemas"]["Solid"];
        };
        Suggestion: {
            sheet: string;
            title: string;
            input: Record<string, never>;
            placed: {
                [key: string]: string;
            };
            unknown: string[];
        };
        /** @enum {string} */
        StationName: "brief" | "form" | "sizing" | "stones" | "wax" | "tree" | "burnout" | "pour" | "join" | "set" | "finish" | "handover";
        Change: {
            path: string;
            from?: unknown;
            to?: unknown;
            stands?: number;
        };
        Drift: {
            use: string;
            result: string;
            label: string;
            signed: unknown;
            now: unknown;
            unit: string | null;
        };
        Difference: {
            use: string;
            result: string;
            label: string;
            now: unknown;
            then: unknown;
            unit: string | null;
        };
        Station: {
            name: components["schemas"]["StationName"];
            label: string;
            worst: string | null;
            state: string;
            by: string | null;
            at: string | null;
            drift: components["schemas"]["Drift"][];
        };
        Override: {
            reason: string;
            by?: string;
            at?: string;
        };
        ShownFinding: {
            /** @enum {string} */
            level: "stop" | "caution" | "note";
            code: string;
            about: string;
            message: string;
            remedy: string;
            set?: {
                [key: string]: number | string | boolean;
            };
            use: string;
            path: string | null;
            value: unknown;
            fixes: {
                path: string;
                value: number | string | boolean;
            }[];
            override: components["schemas"]["Override"] | null;
            of: string | null;
            title: string;
        };
        Figure: {
            use: string;
            result: string;
            label: string;
            value: unknown;
            quantity: string | null;
        };
        Page: {
            station: components["schemas"]["StationName"];
            sign_off: string;
            views: components["schemas"]["View"][];
            strip: components["schemas"]["Figure"][];
            findings: components["schemas"]["ShownFinding"][];
            wants: string[];
            cautions: string[];
            checklist: string[];
            quench: string | null;
            next_keys: {
                [key: string]: string;
            };
            cautions_seen: boolean;
            setting: string;
            settings: {
                key: string;
                name: string;
                holds: string;
                style: string | null;
                made: string;
                stones: number;
                beside: string | null;
                stone: string | null;
                worst: string | null;
            }[];
        };
        Client: {
            id: number;
            name: string;
            contact: string;
            note: string;
        };
        Document: {
            /** @constant */
            version: 5;
            decisions: {
                /** @description Cast, made by hand from stock, or an old ring to be sized. */
                "brief.kind"?: {
                    /** @enum {string} */
                    value: "cast" | "fabricated" | "sizing";
                    typed: string;
                };
                /** @description What the piece is called. */
                "brief.title"?: {
                    value: string;
                    typed: string;
                };
                /** @description What the client wants, in words. */
                "brief.note"?: {
                    value: string;
                    typed: string;
                };
                /** @description When it is due. */
                "brief.due"?: {
                    value: string;
                    typed: string;
                };
                /** @description What the client means to spend. */
                "brief.budget"?: {
                    value: string;
                    typed: string;
                };
                /** @description The finger, at the knuckle or as the ring must pass. */
                "brief.finger"?: {
                    value: number;
                    typed: string;
                };
                /** @description The finger at its base, measured the second time. */
                "brief.finger_base"?: {
                    value: number;
                    typed: string;
                };
                /** @description Width of the sizer it was measured with. */
                "brief.sizer_width"?: {
                    value: number;
                    typed: string;
                };
                /** @description When the finger was measured. */
                "brief.finger_measured"?: {
                    value: string;
                    typed: string;
                };
                /** @description Whether the advice for broad bands is applied. */
                "brief.fit_apply"?: {
                    value: boolean;
                    typed: string;
                };
                /** @description The alloy it is to be made of. */
                "brief.alloy"?: {
                    value: string;
                    typed: string;
                };
                /** @description Metal that the client brings. */
                "brief.client_metal"?: {
                    value: string;
                    typed: string;
                };
                /** @description Stones that the client brings. */
                "brief.client_stones"?: {
                    value: string;
                    typed: string;
                };
                /** @description Cross-section of the shank. */
                "form.profile"?: {
                    /** @enum {string} */
                    value: "flat" | "half-round" | "court" | "round" | "knife";
                    typed: string;
                };
                /** @description Width at the top of the finger. */
                "form.width_top"?: {
                    value: number;
                    typed: string;
                };
                /** @description Width at the base; as the top unless said. */
                "form.width_base"?: {
                    value: number;
                    typed: string;
                };
                /** @description Thickness at the top. */
                "form.thickness_top"?: {
                    value: number;
                    typed: string;
                };
                /** @description Thickness at the base; as the top unless said. */
                "form.thickness_base"?: {
                    value: number;
                    typed: string;
                };
                /** @description Height of a knife’s edge at the top. */
                "form.edge"?: {
                    value: number;
                    typed: string;
                };
                /** @description A court’s inner dome at the top; 0.12 of the thickness unless said. */
                "form.rise_inside"?: {
                    value: number;
                    typed: string;
                };
                /** @description A court’s outer dome at the top; 0.35 of the thickness unless said. */
                "form.rise_outside"?: {
                    value: number;
                    typed: string;
                };
                /** @description Whether it stands beside another ring. */
                "form.beside_neighbour"?: {
                    value: boolean;
                    typed: string;
                };
                /** @description The neighbour’s profile at the touching face. */
                "form.neighbour_profile"?: {
                    value: string;
                    typed: string;
                };
                /** @description How many shanks stand side by side. */
                "form.shank"?: {
                    /** @enum {string} */
                    value: "single" | "double" | "triple";
                    typed: string;
                };
                /** @description How far an open shank’s ends lie over one another. */
                "form.overlap"?: {
                    value: number;
                    typed: string;
                };
                /** @description How far an open shank’s ends stand apart. */
                "form.gap"?: {
                    value: number;
                    typed: string;
                };
                /** @description To spare for truing the ends. */
                "form.trim"?: {
                    value: number;
                    typed: string;
                };
                /** @description US sizes that it is formed under, and stretched up to the finger. */
                "form.sizes_under"?: {
                    value: number;
                    typed: string;
                };
                /** @description Length of the stock at hand. */
                "form.stock_length"?: {
                    value: number;
                    typed: string;
                };
                /** @description Room between two shanks. */
                "form.apart"?: {
                    value: number;
                    typed: string;
                };
                /** @description Size on the mandrel once it is rounded. */
                "form.rounded"?: {
                    value: number;
                    typed: string;
                };
                /** @description Old metal that is to give it all. */
                "form.old_mass"?: {
                    value: number;
                    typed: string;
                };
                /** @description What is cut from sheet. */
                "form.plate"?: {
                    /** @enum {string} */
                    value: "plate" | "disc" | "cushion" | "hexagon" | "kite" | "oval" | "crescent" | "free";
                    typed: string;
                };
                /** @description Width of a plate; diameter of a disc, or of the dome’s rim; not of a free outline. */
                "form.plate_width"?: {
                    value: number;
                    typed: string;
                };
                /** @description Length of a plate; as its width unless said. */
                "form.plate_length"?: {
                    value: number;
                    typed: string;
                };
                /** @description Corner radius of a cushion, corner cut of an octagon, sagitta of a trillion, height of a hexagon’s points, place of a kite’s widest part, of its length from the short end; as a share of the width. */
                "form.plate_ratio"?: {
                    value: number;
                    typed: string;
                };
                /** @description Diameter of the disc that a crescent lacks. */
                "form.plate_bite"?: {
                    value: number;
                    typed: string;
                };
                /** @description From middle to middle of the two discs. */
                "form.plate_bite_offset"?: {
                    value: number;
                    typed: string;
                };
                /** @description A free outline: points such as 0,0 10,0 10,5, or a path of SVG, 1 mm a unit. */
                "form.plate_outline"?: {
                    value: string;
                    typed: string;
                };
                /** @description How high a disc is domed. */
                "form.plate_dome"?: {
                    value: number;
                    typed: string;
                };
                /** @description How many of them are wanted. */
                "form.plate_count"?: {
                    value: number;
                    typed: string;
                };
                /** @description Width of the sheet. */
                "form.sheet_width"?: {
                    value: number;
                    typed: string;
                };
                /** @description Length of the sheet. */
                "form.sheet_length"?: {
                    value: number;
                    typed: string;
                };
                /** @description Thickness of the sheet. */
                "form.sheet_thickness"?: {
                    value: number;
                    typed: string;
                };
                /** @description A length to divide, drill or punch. */
                "form.divide_total"?: {
                    value: number;
                    typed: string;
                };
                /** @description Into so many equal parts. */
                "form.divide_parts"?: {
                    value: number;
                    typed: string;
                };
                /** @description Inside diameter of each. */
                "form.wire_inside"?: {
                    value: number;
                    typed: string;
                };
                /** @description Diameter of the wire, or its gauge. */
                "form.wire_thick"?: {
                    value: number;
                    typed: string;
                };
                /** @description How many. */
                "form.wire_count"?: {
                    value: number;
                    typed: string;
                };
                /** @description Length that is forged. */
                "form.forge_length"?: {
                    value: number;
                    typed: string;
                };
                /** @description Thickness at the end; half unless said. */
                "form.forge_to"?: {
                    value: number;
                    typed: string;
                };
                /** @description Width after forging; as before unless said. */
                "form.forge_spread"?: {
                    value: number;
                    typed: string;
                };
                /** @description Thin all along, or thinning to the end. */
                "form.forge_taper"?: {
                    /** @enum {string} */
                    value: "even" | "to-a-point";
                    typed: string;
                };
                /** @description Width of the foot along the band. */
                "form.seam_foot"?: {
                    value: number;
                    typed: string;
                };
                /** @description Height of what is filed. */
                "form.seam_height"?: {
                    value: number;
                    typed: string;
                };
                /** @description A round shank or wire that gets a flat. */
                "form.seam_wire"?: {
                    value: number;
                    typed: string;
                };
                /** @description Width of the flat. */
                "form.seam_flat"?: {
                    value: number;
                    typed: string;
                };
                /** @description Mass of the ingot. */
                "form.ingot_mass"?: {
                    value: number;
                    typed: string;
                };
                /** @description Section of the ingot. */
                "form.ingot_area"?: {
                    value: number;
                    typed: string;
                };
                /** @description Ends, cracks and filings that go back to the scrap. */
                "form.ingot_waste"?: {
                    value: number;
                    typed: string;
                };
                /** @description What is done to the metal. */
                "form.work"?: {
                    /** @enum {string} */
                    value: "bend" | "dome" | "press" | "stretch" | "inlay" | "draw";
                    typed: string;
                };
                /** @description How far it is pressed, stretched or laid in. */
                "form.work_strain"?: {
                    value: number;
                    typed: string;
                };
                /** @description Domed: diameter of the rim. */
                "form.work_rim"?: {
                    value: number;
                    typed: string;
                };
                /** @description Domed: height of the dome. */
                "form.work_height"?: {
                    value: number;
                    typed: string;
                };
                /** @description Drawn or rolled: area before. */
                "form.work_before"?: {
                    value: number;
                    typed: string;
                };
                /** @description Drawn or rolled: area after. */
                "form.work_after"?: {
                    value: number;
                    typed: string;
                };
                /** @description Width of the insert. */
                "form.inlay_width"?: {
                    value: number;
                    typed: string;
                };
                /** @description Thickness of the insert. */
                "form.inlay_thickness"?: {
                    value: number;
                    typed: string;
                };
                /** @description Depth of the groove. */
                "form.inlay_depth"?: {
                    value: number;
                    typed: string;
                };
                /** @description The size that it has. */
                "sizing.from"?: {
                    value: number;
                    typed: string;
                };
                /** @description Cross-section of the shank. */
                "sizing.profile"?: {
                    /** @enum {string} */
                    value: "flat" | "half-round" | "court" | "round" | "knife";
                    typed: string;
                };
                /** @description Width of the shank. */
                "sizing.width"?: {
                    value: number;
                    typed: string;
                };
                /** @description Thickness of the shank. */
                "sizing.thickness"?: {
                    value: number;
                    typed: string;
                };
                /** @description How it is done, where it is chosen by hand. */
                "sizing.method"?: {
                    /** @enum {string} */
                    value: "stretch" | "compress" | "insert" | "take-out";
                    typed: string;
                };
                /** @description Width of a saw cut. */
                "sizing.kerf"?: {
                    value: number;
                    typed: string;
                };
                /** @description Where stones are set in it. */
                "sizing.stones_in"?: {
                    /** @enum {string} */
                    value: "none" | "head" | "channel" | "pave" | "full-circle";
                    typed: string;
                };
                /** @description How many stones are set in it. */
                "sizing.stones"?: {
                    value: number;
                    typed: string;
                };
                /** @description Whether the shank has a soldered joint already. */
                "sizing.joint"?: {
                    value: boolean;
                    typed: string;
                };
                /** @description What was seen on it under the glass. */
                "sizing.old_solder"?: {
                    /** @enum {string} */
                    value: "unasked" | "clean" | "lead" | "cadmium" | "plated";
                    typed: string;
                };
                /** @description Price of a gram of the metal. */
                "sizing.metal_price"?: {
                    value: number;
                    typed: string;
                };
                /** @description Whether it is worn every day. */
                "stones.daily"?: {
                    value: boolean;
                    typed: string;
                };
                /** @description Torch heat after setting. */
                "stones.after_torch"?: {
                    value: boolean;
                    typed: string;
                };
                /** @description A boron coat or flux after setting. */
                "stones.after_boron"?: {
                    value: boolean;
                    typed: string;
                };
                /** @description Pickle after setting. */
                "stones.after_pickle"?: {
                    value: boolean;
                    typed: string;
                };
                /** @description The ultrasonic bath after setting. */
                "stones.after_ultrasonic"?: {
                    value: boolean;
                    typed: string;
                };
                /** @description Steam after setting. */
                "stones.after_steam"?: {
                    value: boolean;
                    typed: string;
                };
                /** @description Abrasive and polishing wheels after setting. */
                "stones.after_wheel"?: {
                    value: boolean;
                    typed: string;
                };
                /** @description What the grid is wrapped round now. */
                "wax.wrapped"?: {
                    /** @enum {string} */
                    value: "blank" | "trued" | "wax";
                    typed: string;
                };
                /** @description The letters or signs, in order. */
                "wax.text"?: {
                    value: string;
                    typed: string;
                };
                /** @description Left plain between the end and the beginning. */
                "wax.text_margin"?: {
                    value: number;
                    typed: string;
                };
                /** @description How the pattern is made. */
                "wax.process"?: {
                    /** @enum {string} */
                    value: "carved" | "mould" | "resin" | "clay";
                    typed: string;
                };
                /** @description The sort of clay. */
                "wax.clay"?: {
                    value: string;
                    typed: string;
                };
                /** @description How long it has dried. */
                "wax.clay_dried"?: {
                    value: number;
                    typed: string;
                };
                /** @description Inside diameter once it is fired. */
                "wax.clay_fired"?: {
                    value: number;
                    typed: string;
                };
                /** @description Linear shrinkage from pattern to casting; by the process unless said. */
                "wax.shrinkage"?: {
                    value: number;
                    typed: string;
                };
                /** @description How much finishing takes; scales the allowances not typed. */
                "wax.finishing"?: {
                    /** @enum {string} */
                    value: "light" | "usual" | "heavy";
                    typed: string;
                };
                /** @description What the earlier wax weighed. */
                "wax.like_mass"?: {
                    value: number;
                    typed: string;
                };
                /** @description What was drawn of that one. */
                "wax.like_volume"?: {
                    value: number;
                    typed: string;
                };
                /** @description Finishing takes off the inside. */
                "wax.finish_inside"?: {
                    value: number;
                    typed: string;
                };
                /** @description Finishing takes off the outside. */
                "wax.finish_outside"?: {
                    value: number;
                    typed: string;
                };
                /** @description Finishing takes off each side. */
                "wax.finish_side"?: {
                    value: number;
                    typed: string;
                };
                /** @description The wax it is made of. */
                "wax.wax"?: {
                    value: string;
                    typed: string;
                };
                /** @description A blank chosen by hand. */
                "wax.blank"?: {
                    value: string;
                    typed: string;
                };
                /** @description Volume of the finished wax; a flat band’s unless said. */
                "wax.file_volume"?: {
                    value: number;
                    typed: string;
                };
                /** @description Pattern across, standing on its sprue. */
                "wax.file_across"?: {
                    value: number;
                    typed: string;
                };
                /** @description Pattern from front to back; as across unless said. */
                "wax.file_along"?: {
                    value: number;
                    typed: string;
                };
                /** @description Pattern from the sprue’s end to its top. */
                "wax.file_tall"?: {
                    value: number;
                    typed: string;
                };
                /** @description Inside diameter as cast. */
                "wax.file_bore"?: {
                    value: number;
                    typed: string;
                };
                /** @description Width as cast, at the top. */
                "wax.file_width"?: {
                    value: number;
                    typed: string;
                };
                /** @description Width as cast, at the base; as the top unless said. */
                "wax.file_width_base"?: {
                    value: number;
                    typed: string;
                };
                /** @description Thickness as cast, at the top. */
                "wax.file_thickness"?: {
                    value: number;
                    typed: string;
                };
                /** @description Thickness as cast, at the base; as the top unless said. */
                "wax.file_thickness_base"?: {
                    value: number;
                    typed: string;
                };
                /** @description Area over perimeter of the heaviest section measured on a pattern, which goes before the drawn section’s. */
                "wax.file_section"?: {
                    value: number;
                    typed: string;
                };
                /** @description Area over perimeter of a measured pattern’s base; as its heaviest unless said. */
                "wax.file_section_base"?: {
                    value: number;
                    typed: string;
                };
                /** @description Sprues to one pattern; by reach and mass unless said. */
                "tree.count"?: {
                    value: number;
                    typed: string;
                };
                /** @description Where the sprues join. */
                "tree.feed_at"?: {
                    /** @enum {string} */
                    value: "base" | "head" | "shoulders";
                    typed: string;
                };
                /** @description Angle between a Y’s arms round the ring; evenly spaced unless said. */
                "tree.y_angle"?: {
                    value: number;
                    typed: string;
                };
                /** @description Length of a sprue. */
                "tree.sprue_length"?: {
                    value: number;
                    typed: string;
                };
                /** @description A sprue wire chosen by hand. */
                "tree.sprue_diameter"?: {
                    value: number;
                    typed: string;
                };
                /** @description A flask chosen by hand. */
                "tree.flask"?: {
                    value: string;
                    typed: string;
                };
                /** @description Ml of water to 100 g of powder: 38 heavy plain work, 42 fine detail. */
                "tree.water_per_100"?: {
                    value: number;
                    typed: string;
                };
                /** @description Slurry mixed over what the flask takes. */
                "tree.overage_percent"?: {
                    value: number;
                    typed: string;
                };
                /** @description Temperature of the water. */
                "tree.water_temperature"?: {
                    value: number;
                    typed: string;
                };
                /** @description How long the flask stands. */
                "tree.standing"?: {
                    /** @enum {string} */
                    value: "short" | "long";
                    typed: string;
                };
                /** @description Minutes it is to stand; the school’s least unless said. */
                "tree.stand"?: {
                    value: number;
                    typed: string;
                };
                /** @description The programme; auto goes by the widest flask. */
                "burnout.school"?: {
                    /** @enum {string} */
                    value: "auto" | "short" | "medium" | "long" | "three-step" | "overnight";
                    typed: string;
                };
                /** @description Flask temperature at the pour. */
                "burnout.pour_temperature"?: {
                    value: number;
                    typed: string;
                };
                /** @description When the flask is to be ready to pour. */
                "burnout.ready_at"?: {
                    value: string;
                    typed: string;
                };
                /** @description When the kiln is switched on, where no hour of pouring is set. */
                "burnout.switch_on"?: {
                    value: string;
                    typed: string;
                };
                /** @description How it is poured. */
                "pour.method"?: {
                    /** @enum {string} */
                    value: "spin" | "vacuum" | "hand";
                    typed: string;
                };
                /** @description Temperature of the metal at the pour. */
                "pour.metal_temperature"?: {
                    value: number;
                    typed: string;
                };
                /** @description Crucible with its carriage. */
                "pour.crucible_mass"?: {
                    value: number;
                    typed: string;
                };
                /** @description The invested flask, weighed. */
                "pour.flask_mass"?: {
                    value: number;
                    typed: string;
                };
                /** @description From the pivot to the middle of the crucible. */
                "pour.crucible_radius"?: {
                    value: number;
                    typed: string;
                };
                /** @description From the pivot to the middle of the flask. */
                "pour.flask_radius"?: {
                    value: number;
                    typed: string;
                };
                /** @description The counterweight. */
                "pour.counterweight_mass"?: {
                    value: number;
                    typed: string;
                };
                /** @description Turns that the spring is given. */
                "pour.turns"?: {
                    value: number;
                    typed: string;
                };
                /** @description Head of metal, poured by hand. */
                "pour.head"?: {
                    value: number;
                    typed: string;
                };
                /** @description Button as a share of the fill; by the method unless said. */
                "pour.button_fraction"?: {
                    value: number;
                    typed: string;
                };
                /** @description Clean new metal in the charge. */
                "pour.new_mass"?: {
                    value: number;
                    typed: string;
                };
                /** @description Buttons and sprues in the charge. */
                "pour.reused_mass"?: {
                    value: number;
                    typed: string;
                };
                /** @description Joints in the order that they are to be made in. */
                "join.order"?: {
                    value: string[];
                    typed: string;
                };
                /** @description Solders to choose from; what the cupboard holds for these metals unless said. */
                "join.solders"?: {
                    value: string[];
                    typed: string;
                };
                /** @description A solder flows so far under those in the piece. */
                "join.step_c"?: {
                    value: number;
                    typed: string;
                };
                /** @description A solder flows so far under the solidus of every part. */
                "join.margin_c"?: {
                    value: number;
                    typed: string;
                };
                /** @description Whether solder must be as fine as the assay office asks. */
                "join.law"?: {
                    /** @enum {string} */
                    value: "off" | "on";
                    typed: string;
                };
                /** @description Which solder a single joint takes. */
                "join.school"?: {
                    /** @enum {string} */
                    value: "hardest" | "easy";
                    typed: string;
                };
                /** @description Whether it is old work, brought in. */
                "join.old_work"?: {
                    value: boolean;
                    typed: string;
                };
                /** @description What was seen on it under the glass. */
                "join.old_solder"?: {
                    /** @enum {string} */
                    value: "unasked" | "clean" | "lead" | "cadmium" | "plated";
                    typed: string;
                };
                /** @description Sectors of a bezel, or claws. */
                "set.count"?: {
                    value: number;
                    typed: string;
                };
                /** @description Grits, coarse to fine. */
                "finish.grits"?: {
                    value: number[];
                    typed: string;
                };
                /** @description How it is to look. */
                "finish.finish"?: {
                    /** @enum {string} */
                    value: "polished" | "satin" | "matt";
                    typed: string;
                };
                /** @description Whether it is tumbled. */
                "finish.tumble"?: {
                    value: boolean;
                    typed: string;
                };
                /** @description How long it is tumbled. */
                "finish.tumble_minutes"?: {
                    value: number;
                    typed: string;
                };
                /** @description Whether the lows are darkened. */
                "finish.patina"?: {
                    value: boolean;
                    typed: string;
                };
                /** @description Whether it is plated. */
                "finish.rhodium"?: {
                    value: boolean;
                    typed: string;
                };
                /** @description Whether wheels are used once stones are set. */
                "finish.wheels"?: {
                    value: boolean;
                    typed: string;
                };
                /** @description Whether the stones are guarded from wheels. */
                "finish.guarded"?: {
                    value: boolean;
                    typed: string;
                };
                /** @description Whether parts are polished before they are joined. */
                "finish.pre_polish"?: {
                    value: boolean;
                    typed: string;
                };
                /** @description Whether faces lie where no wheel reaches once it is joined. */
                "finish.hidden"?: {
                    value: boolean;
                    typed: string;
                };
                /** @description Milgrain, before or after setting. */
                "finish.milgrain"?: {
                    /** @enum {string} */
                    value: "none" | "before" | "after";
                    typed: string;
                };
                /** @description Whether a setting is to stay bright. */
                "finish.bright"?: {
                    value: boolean;
                    typed: string;
                };
                /** @description Darkened before or after setting. */
                "finish.patina_when"?: {
                    /** @enum {string} */
                    value: "before" | "after";
                    typed: string;
                };
                /** @description Whether it goes into the ultrasonic bath. */
                "finish.ultrasonic"?: {
                    value: boolean;
                    typed: string;
                };
                /** @description Whether it is steamed. */
                "finish.steam"?: {
                    value: boolean;
                    typed: string;
                };
                /** @description Whether it goes into the pickle once more. */
                "finish.pickle"?: {
                    value: boolean;
                    typed: string;
                };
                /** @description Whether it goes into the fire once more. */
                "finish.torch"?: {
                    value: boolean;
                    typed: string;
                };
                /** @description Heats still to come. */
                "finish.fires_left"?: {
                    value: number;
                    typed: string;
                };
                /** @description Mass before finishing. */
                "finish.mass_before"?: {
                    value: number;
                    typed: string;
                };
                /** @description Mass after finishing. */
                "finish.mass_after"?: {
                    value: number;
                    typed: string;
                };
                /** @description The finished piece on the balance, stones in. */
                "handover.piece_mass"?: {
                    value: number;
                    typed: string;
                };
                /** @description All stones in it, carats. */
                "handover.stones_carats"?: {
                    value: number;
                    typed: string;
                };
                /** @description What its metal should weigh. */
                "handover.expected_mass"?: {
                    value: number;
                    typed: string;
                };
                /** @description Size on the mandrel. */
                "handover.size_measured"?: {
                    value: number;
                    typed: string;
                };
                /** @description Mark where law asks. */
                "handover.mark"?: {
                    /** @enum {string} */
                    value: "unasked" | "struck" | "sent" | "exempt";
                    typed: string;
                };
                /** @description Size on the mandrel. */
                "handover.size"?: {
                    value: boolean;
                    typed: string;
                };
                /** @description Stones tight, tapped and heard. */
                "handover.tight"?: {
                    value: boolean;
                    typed: string;
                };
                /** @description Stones level. */
                "handover.level"?: {
                    value: boolean;
                    typed: string;
                };
                /** @description Claws free of snags. */
                "handover.snags"?: {
                    value: boolean;
                    typed: string;
                };
                /** @description Joints closed, under a glass. */
                "handover.joints"?: {
                    value: boolean;
                    typed: string;
                };
                /** @description Photographed. */
                "handover.photograph"?: {
                    value: boolean;
                    typed: string;
                };
                /** @description Metal that the client gave. */
                "handover.client_metal"?: {
                    value: number;
                    typed: string;
                };
                /** @description Metal that went back to the client. */
                "handover.client_returned"?: {
                    value: number;
                    typed: string;
                };
                /** @description What was agreed about metal of the client’s that is left. */
                "handover.client_left"?: {
                    /** @enum {string} */
                    value: "unasked" | "kept";
                    typed: string;
                };
            };
            stones: {
                key: string;
                /** @description Which stone it is. */
                name?: {
                    value: string;
                    typed: string;
                };
                /** @description Where it belongs. */
                group?: {
                    /** @enum {string} */
                    value: "centre" | "halo" | "shoulders" | "other";
                    typed: string;
                };
                /** @description What stone it is. */
                species?: {
                    value: string;
                    typed: string;
                };
                /** @description Outline of the girdle. */
                shape?: {
                    /** @enum {string} */
                    value: "round" | "oval" | "marquise" | "pear" | "cushion" | "octagon" | "rectangle" | "trillion" | "hexagon" | "kite" | "half-moon";
                    typed: string;
                };
                /** @description Width of the girdle; the diameter of a round. */
                width?: {
                    value: number;
                    typed: string;
                };
                /** @description Length of the girdle; as the width for a round, and not for a trillion. */
                length?: {
                    value: number;
                    typed: string;
                };
                /** @description Depth from table to culet, or height of a cabochon. */
                depth?: {
                    value: number;
                    typed: string;
                };
                /** @description Faceted or cabochon. */
                cut?: {
                    /** @enum {string} */
                    value: "faceted" | "cabochon";
                    typed: string;
                };
                /** @description How many alike; a weight is of all of them. */
                count?: {
                    value: number;
                    typed: string;
                };
                /** @description What it weighs on a balance, carats. */
                weighed_carats?: {
                    value: number;
                    typed: string;
                };
                /** @description Whether it is treated, filled or included. */
                treated?: {
                    value: boolean;
                    typed: string;
                };
                /** @description Whose it is. */
                owner?: {
                    /** @enum {string} */
                    value: "client" | "workshop";
                    typed: string;
                };
                /** @description Where it comes from. */
                source?: {
                    /** @enum {string} */
                    value: "bought" | "heirloom" | "reclaimed";
                    typed: string;
                };
                /** @description Reclaimed: whether the old setting is kept. */
                keep_setting?: {
                    value: boolean;
                    typed: string;
                };
                /** @description Reclaimed: the day it was taken out, weighed and measured. */
                removed?: {
                    value: string;
                    typed: string;
                };
                /** @description Chips, wear and treatment as seen. */
                condition?: {
                    value: string;
                    typed: string;
                };
                /** @description The day the client signed for its condition. */
                acknowledged?: {
                    value: string;
                    typed: string;
                };
                /** @description Whether it is set while the piece is in the fire. */
                in_fire?: {
                    value: boolean;
                    typed: string;
                };
                /** @description Price. */
                price?: {
                    value: string;
                    typed: string;
                };
                /** @description Where it is now. */
                place?: {
                    value: string;
                    typed: string;
                };
            }[];
            settings: {
                key: string;
                /** @description What this setting is called. */
                name?: {
                    value: string;
                    typed: string;
                };
                /** @description The stone that it holds, or one of the group. */
                stone?: {
                    value: string;
                    typed: string;
                };
                /** @description Other stones of the same group. */
                also?: {
                    value: string[];
                    typed: string;
                };
                /** @description One stone or a group. */
                holds?: {
                    /** @enum {string} */
                    value: "one" | "halo" | "cluster" | "row" | "scatter";
                    typed: string;
                };
                /** @description How it holds the stone. */
                style?: {
                    /** @enum {string} */
                    value: "bezel" | "tube" | "claws" | "shared-claws" | "bead" | "shared" | "flush" | "channel";
                    typed: string;
                };
                /** @description How it is made. */
                made?: {
                    /** @enum {string} */
                    value: "cast" | "apart" | "carved" | "bought";
                    typed: string;
                };
                /** @description The alloy. */
                alloy?: {
                    value: string;
                    typed: string;
                };
                /** @description The setting beside or round which it sits. */
                beside?: {
                    value: string;
                    typed: string;
                };
                /** @description Round the finger from the top; to the right positive. */
                angle?: {
                    value: number;
                    typed: string;
                };
                /** @description Off the middle of the band, toward the fingertip positive. */
                across?: {
                    value: number;
                    typed: string;
                };
                /** @description Turned on itself; 0 lays its length across the band. */
                turn?: {
                    value: number;
                    typed: string;
                };
                /** @description How high its foot stands over the outside of the band. */
                height?: {
                    value: number;
                    typed: string;
                };
                /** @description How far its table leans from level. */
                tilt?: {
                    value: number;
                    typed: string;
                };
                /** @description Hole right through, as a share of the stone. */
                hole?: {
                    value: number;
                    typed: string;
                };
                /** @description Where the seat is cut. */
                school?: {
                    /** @enum {string} */
                    value: "all-in-metal" | "trued-in-metal" | "to-size-in-wax";
                    typed: string;
                };
                /** @description Wall of the bezel. */
                wall?: {
                    value: number;
                    typed: string;
                };
                /** @description Clearance between stone and wall. */
                fit?: {
                    value: number;
                    typed: string;
                };
                /** @description Width of the ledge that the stone rests on. */
                ledge_width?: {
                    value: number;
                    typed: string;
                };
                /** @description How the strip goes round points; scored for rectangle and octagon unless said. */
                corners?: {
                    /** @enum {string} */
                    value: "bent" | "scored";
                    typed: string;
                };
                /** @description From the foot to the seat; pavilion + 0.4, or 1.0 under a cabochon, unless said. */
                seat_height?: {
                    value: number;
                    typed: string;
                };
                /** @description Metal pushed over the girdle; by the width unless said. */
                cover?: {
                    value: number;
                    typed: string;
                };
                /** @description How many claws; by the shape unless said. */
                claws?: {
                    value: number;
                    typed: string;
                };
                /** @description A claw wire chosen by hand. */
                claw_wire?: {
                    value: number;
                    typed: string;
                };
                /** @description Depth of the notch; 0.3 of the wire unless said. */
                notch?: {
                    value: number;
                    typed: string;
                };
                /** @description Plate left outside the outer claws. */
                plate_margin?: {
                    value: number;
                    typed: string;
                };
                /** @description Thickness of the plate. */
                plate_thickness?: {
                    value: number;
                    typed: string;
                };
                /** @description How high the plate is domed. */
                dome?: {
                    value: number;
                    typed: string;
                };
                /** @description How much of a claw stands over the plate before setting. */
                standing?: {
                    value: number;
                    typed: string;
                };
                /** @description From the plate down to the foot of the basket. */
                basket_depth?: {
                    value: number;
                    typed: string;
                };
                /** @description How deep under the girdle each ring lies, instead of a list with insets. */
                gallery?: {
                    value: number[];
                    typed: string;
                };
                /** @description Diameter of a wire, thickness of a strip. */
                gallery_wire?: {
                    value: number;
                    typed: string;
                };
                /** @description In from the head’s outline at the girdle. */
                gallery_inset?: {
                    value: number;
                    typed: string;
                };
                /** @description Slope of the basket from upright. */
                gallery_taper?: {
                    value: number;
                    typed: string;
                };
                /** @description Top of the girdle under the surface; by the style unless said. */
                girdle_below?: {
                    value: number;
                    typed: string;
                };
                /** @description Sectors of a bezel, or claws. */
                pushes?: {
                    value: number;
                    typed: string;
                };
                /** @description How many stones, instead of as many as fit. */
                count?: {
                    value: number;
                    typed: string;
                };
                /** @description Diameter of the stone. */
                stone_diameter?: {
                    value: number;
                    typed: string;
                };
                /** @description From the centre’s edge to theirs. */
                edge_gap?: {
                    value: number;
                    typed: string;
                };
                /** @description Between two of them. */
                stone_gap?: {
                    value: number;
                    typed: string;
                };
                /** @description The largest, where they are interpolated. */
                largest?: {
                    value: number;
                    typed: string;
                };
                /** @description The smallest, where they are interpolated. */
                smallest?: {
                    value: number;
                    typed: string;
                };
                /** @description Gap between girdles. */
                gap?: {
                    value: number;
                    typed: string;
                };
                /** @description Which end of the grading stands in the middle. */
                middle?: {
                    /** @enum {string} */
                    value: "large" | "small";
                    typed: string;
                };
            }[];
            cuts: {
                key: string;
                /** @description What is cut. */
                name?: {
                    value: string;
                    typed: string;
                };
                /** @description Its length. */
                length?: {
                    value: number;
                    typed: string;
                };
                /** @description How many are cut now. */
                count?: {
                    value: number;
                    typed: string;
                };
            }[];
            attempts: {
                key: string;
                /** @description The day it was begun. */
                begun?: {
                    value: string;
                    typed: string;
                };
                /** @description Mass of the wax on the balance. */
                wax_mass?: {
                    value: number;
                    typed: string;
                };
                /** @description Whether the bare pattern or the sprued tree was weighed. */
                weighed?: {
                    /** @enum {string} */
                    value: "pattern" | "tree";
                    typed: string;
                };
                /** @description Whether stones were in the wax when it was weighed. */
                stones_in_wax?: {
                    value: boolean;
                    typed: string;
                };
                /** @description Mass of stones stuck in the wax when it was weighed. */
                stones_mass?: {
                    value: number;
                    typed: string;
                };
                /** @description Bore of the wax as measured. */
                bore?: {
                    value: number;
                    typed: string;
                };
                /** @description Width of the wax as measured. */
                width?: {
                    value: number;
                    typed: string;
                };
                /** @description Thickness of the wax at its thinnest, as measured. */
                thickness?: {
                    value: number;
                    typed: string;
                };
                /** @description Each pair, measured. */
                pairs?: {
                    value: {
                        name: string;
                        left: number;
                        right: number;
                    }[];
                    typed: string;
                };
                /** @description Time spent on it. */
                minutes?: {
                    value: number;
                    typed: string;
                };
                /** @description Whether it was passed or left. */
                verdict?: {
                    /** @enum {string} */
                    value: "passed" | "left";
                    typed: string;
                };
                /** @description Why it was left or passed, and the client’s word. */
                note?: {
                    value: string;
                    typed: string;
                };
            }[];
            castings: {
                key: string;
                /** @description The day it was poured. */
                poured?: {
                    value: string;
                    typed: string;
                };
                /** @description Metal that was melted. */
                charge_mass?: {
                    value: number;
                    typed: string;
                };
                /** @description The casting, button off. */
                casting_mass?: {
                    value: number;
                    typed: string;
                };
                /** @description Whether its sprues were on when it was weighed. */
                weighed?: {
                    /** @enum {string} */
                    value: "whole" | "trimmed";
                    typed: string;
                };
                /** @description The sprues, cut off. */
                sprues_mass?: {
                    value: number;
                    typed: string;
                };
                /** @description The button. */
                button_mass?: {
                    value: number;
                    typed: string;
                };
                /** @description Splashes and flash gathered. */
                scrap_mass?: {
                    value: number;
                    typed: string;
                };
                /** @description Bore of the casting before finishing. */
                bore?: {
                    value: number;
                    typed: string;
                };
                /** @description Good, mend, or cast again from a new wax. */
                verdict?: {
                    /** @enum {string} */
                    value: "good" | "mend" | "cast-again";
                    typed: string;
                };
                /** @description What was seen. */
                note?: {
                    value: string;
                    typed: string;
                };
            }[];
            parts: {
                key: string;
                /** @description Name of the part. */
                id?: {
                    value: string;
                    typed: string;
                };
                /** @description Its alloy; the piece’s unless said. */
                alloy?: {
                    value: string;
                    typed: string;
                };
                /** @description Its mass. */
                mass?: {
                    value: number;
                    typed: string;
                };
            }[];
            joints: {
                key: string;
                /** @description Name of the joint. */
                id?: {
                    value: string;
                    typed: string;
                };
                /** @description The parts it joins, with a comma; a part closed on itself twice. */
                parts?: {
                    value: string[];
                    typed: string;
                };
                /** @description Joints that come before it. */
                after?: {
                    value: string[];
                    typed: string;
                };
                /** @description Form of the solder. */
                form?: {
                    /** @enum {string} */
                    value: "chip" | "wire" | "paste";
                    typed: string;
                };
                /** @description Solder, where it is fixed. */
                grade?: {
                    value: string;
                    typed: string;
                };
                /** @description Letter that joints share which share a heat. */
                same_heat?: {
                    value: string;
                    typed: string;
                };
                /** @description Whether it closes a hollow. */
                hollow?: {
                    value: boolean;
                    typed: string;
                };
                /** @description Whether the hollow has a vent hole. */
                vent?: {
                    value: boolean;
                    typed: string;
                };
                /** @description Whether it is guarded, so that its grade may be used again. */
                guard?: {
                    value: boolean;
                    typed: string;
                };
                /** @description How it is closed. */
                how?: {
                    /** @enum {string} */
                    value: "solder" | "fuse" | "laser" | "cold";
                    typed: string;
                };
                /** @description Whether it is made without a torch. */
                cold?: {
                    value: boolean;
                    typed: string;
                };
                /** @description Whether a face beside it is textured. */
                textured?: {
                    value: boolean;
                    typed: string;
                };
                /** @description Whether it puts thin wire on a thick base. */
                thin_wire?: {
                    value: boolean;
                    typed: string;
                };
                /** @description Length of the joint. */
                length?: {
                    value: number;
                    typed: string;
                };
                /** @description Thickness of the metal that meets. */
                section?: {
                    value: number;
                    typed: string;
                };
                /** @description How far it gapes, as seen before the heat. */
                gap?: {
                    value: number;
                    typed: string;
                };
                /** @description How it went. */
                outcome?: {
                    /** @enum {string} */
                    value: "flowed" | "needs-more" | "slipped";
                    typed: string;
                };
            }[];
            stations: {
                brief?: {
                    /** @enum {unknown} */
                    state: "signed" | "reopened" | "not-needed";
                    by?: string;
                    at?: string;
                    signed?: Record<string, never>;
                };
                form?: {
                    /** @enum {unknown} */
                    state: "signed" | "reopened" | "not-needed";
                    by?: string;
                    at?: string;
                    signed?: Record<string, never>;
                };
                sizing?: {
                    /** @enum {unknown} */
                    state: "signed" | "reopened" | "not-needed";
                    by?: string;
                    at?: string;
                    signed?: Record<string, never>;
                };
                stones?: {
                    /** @enum {unknown} */
                    state: "signed" | "reopened" | "not-needed";
                    by?: string;
                    at?: string;
                    signed?: Record<string, never>;
                };
                wax?: {
                    /** @enum {unknown} */
                    state: "signed" | "reopened" | "not-needed";
                    by?: string;
                    at?: string;
                    signed?: Record<string, never>;
                };
                tree?: {
                    /** @enum {unknown} */
                    state: "signed" | "reopened" | "not-needed";
                    by?: string;
                    at?: string;
                    signed?: Record<string, never>;
                };
                burnout?: {
                    /** @enum {unknown} */
                    state: "signed" | "reopened" | "not-needed";
                    by?: string;
                    at?: string;
                    signed?: Record<string, never>;
                };
                pour?: {
                    /** @enum {unknown} */
                    state: "signed" | "reopened" | "not-needed";
                    by?: string;
                    at?: string;
                    signed?: Record<string, never>;
                };
                join?: {
                    /** @enum {unknown} */
                    state: "signed" | "reopened" | "not-needed";
                    by?: string;
                    at?: string;
                    signed?: Record<string, never>;
                };
                set?: {
                    /** @enum {unknown} */
                    state: "signed" | "reopened" | "not-needed";
                    by?: string;
                    at?: string;
                    signed?: Record<string, never>;
                };
                finish?: {
                    /** @enum {unknown} */
                    state: "signed" | "reopened" | "not-needed";
                    by?: string;
                    at?: string;
                    signed?: Record<string, never>;
                };
                handover?: {
                    /** @enum {unknown} */
                    state: "signed" | "reopened" | "not-needed";
                    by?: string;
                    at?: string;
                    signed?: Record<string, never>;
                };
            };
            overrides: {
                key: string;
                use: string;
                code: string;
                about: string;
                value?: unknown;
                reason: string;
                by?: string;
                at?: string;
            }[];
            pictures: {
                key: string;
                file: string;
                caption?: string;
                about?: string;
                width?: number;
                height?: number;
                scale?: {
                    from: number[];
                    to: number[];
                    mm: number;
                };
                lines?: {
                    from: number[];
                    to: number[];
                }[];
                by?: string;
                at?: string;
            }[];
            words: {
                key: string;
                /** @enum {unknown} */
                what: "picks" | "asks" | "approves";
                arrangement?: string;
                words?: string;
                look?: number;
                figures?: Record<string, never>;
                answered?: string;
                by: string;
                at: string;
            }[];
            seen: {
                [key: string]: true;
            };
            ticks: {
                [key: string]: true;
            };
            gone: {
                [key: string]: true;
            };
            closed: null | {
                /** @enum {unknown} */
                how: "delivered" | "abandoned";
                reason?: string;
                by?: string;
                at?: string;
            };
        };
        Job: {
            number: number;
            commission: number;
            version: number;
            state: string;
            client: components["schemas"]["Client"] | null;
            document: components["schemas"]["Document"];
            figures_present: boolean;
            answers: {
                [key: string]: components["schemas"]["Answer"];
            };
            inputs: {
                [key: string]: {
                    [key: string]: components["schemas"]["ShownInput"];
                };
            };
            wants: {
                [key: string]: string[];
            };
            errors: {
                [key: string]: string[];
            };
            stations: components["schemas"]["Station"][];
            page: components["schemas"]["Page"];
            undone?: components["schemas"]["Change"][];
            siblings?: {
                number: number;
                title: string;
            }[];
            /** @enum {string} */
            quoted?: "none" | "made" | "sent" | "accepted" | "declined";
        };
        JobRow: {
            number: number;
            commission: number;
            title: string;
            client: string | null;
            station: components["schemas"]["StationName"];
            due: string | null;
            state: string;
        };
        Clock: {
            id: number;
            job: number | null;
            title: string | null;
            label: string;
            started_at: string;
            stages: {
                stage: string;
                until_min: number;
                how?: string | null;
            }[];
        };
        Person: {
            id: number;
            name: string;
        };
        Reading: {
            value: number;
            unit: string;
            stable: boolean;
            simulated: boolean;
        };
        Entry: {
            id: number;
            kind: string;
            note: string;
            by: string | null;
            at: string;
            undoes: number | null;
            changes: components["schemas"]["Change"][];
        };
        Field: {
            name: string;
            label: string;
            quantity: string;
            unit: string | null;
            meaning: string;
            required: boolean;
            default: unknown;
            rule?: string | null;
            zero?: boolean;
            most?: number | null;
            choices: string[];
            many: boolean;
            sayings: {
                [key: string]: string;
            };
            columns: components["schemas"]["Field"][];
            accepts: string;
            decision?: string | null;
            only?: {
                [key: string]: string[];
            };
            row_of?: string | null;
            chooses?: string | null;
        };
        Output: {
            name: string;
            label: string;
            quantity: string;
            unit: string | null;
            meaning: string;
        };
        Sheet: {
            name: string;
            title: string;
            purpose: string;
            sample: {
                [key: string]: unknown;
            };
            inputs: components["schemas"]["Field"][];
            results: components["schemas"]["Output"][];
            findings: {
                [key: string]: string;
            };
            group: string;
        };
        Catalogue: {
            sheets: components["schemas"]["Sheet"][];
            decisions: {
                [key: string]: components["schemas"]["Field"];
            };
            readings: {
                [key: string]: {
                    [key: string]: components["schemas"]["Field"];
                };
            };
            rules: {
                [key: string]: components["schemas"]["Field"];
            };
            learnt: {
                [key: string]: number;
            };
            stations: {
                name: components["schemas"]["StationName"];
                label: string;
            }[];
        };
        Shop: {
            figures: {
                [key: string]: {
                    value: unknown;
                    typed: unknown;
                    default: unknown;
                    own: boolean;
                };
            };
            version: number;
        };
        Problem: {
            errors: {
                [key: string]: string[];
            };
            clashes?: components["schemas"]["Clash"][];
            known?: {
                id: number;
                name: string;
                contact: string;
            };
        };
        Clash: {
            path: string;
            from: unknown;
            to: unknown;
            present: unknown;
            stands?: number;
        };
        Bench: {
            network: boolean;
            person: {
                id: number;
                name: string;
                /** @enum {string} */
                role: "owner" | "goldsmith" | "apprentice" | "guest";
            } | null;
            may: ("read" | "work" | "metal" | "client" | "shop" | "people")[];
            people: components["schemas"]["Person"][];
            now: string;
            zone: string;
            zone_agreed: boolean;
            house: {
                name: string | null;
                mark: string | null;
            };
            units: {
                /** @enum {string} */
                length: "mm" | "in" | "gauge";
                /** @enum {string} */
                mass: "g" | "dwt" | "ozt";
                /** @enum {string} */
                temperature: "C" | "F";
                size: string;
            };
            clocks: components["schemas"]["Clock"][];
            kiln: {
                run: number;
                kiln_c: number | null;
                /** @enum {string} */
                way: "rising" | "holding" | "falling";
                alarms: number;
            } | null;
        };
        Today: {
            jobs: components["schemas"]["TodayJob"][];
            open: number;
            late: number;
            burnouts: {
                number: number;
                title: string;
                start_at: string;
                ready_at: string | null;
            }[];
            asked: {
                number: number;
                title: string;
                key: string;
                by: string;
                at: string;
                words: string;
            }[];
            changed: {
                number: number;
                title: string;
                message: string;
            }[];
            backup: {
                at: string | null;
                trouble: string | null;
                overdue: boolean;
            };
        };
        TodayJob: {
            number: number;
            commission: number;
            title: string;
            client: string | null;
            station: components["schemas"]["StationName"];
            due: string | null;
            state: string;
            next: string | null;
            wants: string[];
            worst: string | null;
            trouble: string | null;
        };
        Hours: {
            /** @enum {string} */
            day: "mon" | "tue" | "wed" | "thu" | "fri" | "sat" | "sun";
            from: string;
            to: string;
        }[];
        Kilns: {
            id: string;
            flasks: number;
            alone: boolean;
        }[];
        PlacedStep: {
            job: string;
            step: string;
            what: string;
            station: string;
            resource: string;
            by: string | null;
            start: string;
            end: string;
            done: string;
            fixed: boolean;
            binds: string;
            pieces: {
                from: string;
                to: string;
            }[];
        };
        Plan: {
            now: string;
            answer: components["schemas"]["Answer"];
            people: {
                id: string;
                hours: components["schemas"]["Hours"];
                off: string[];
            }[];
            kilns: components["schemas"]["Kilns"];
            jobs: {
                number: number;
                commission: number;
                title: string;
                client: string | null;
                station: components["schemas"]["StationName"];
                due: string | null;
                state: string;
            }[];
            waiting: {
                job: string;
                whom: string;
                since: string;
                overdue: boolean;
            }[];
            unplanned: {
                job: string;
                title: string;
                why: string;
            }[];
            past: {
                job: string;
                step: string;
                start: string;
            }[];
            worked: {
                job: string;
                step: string;
                by: string | null;
                running_since: string | null;
                minutes: number;
            }[];
        };
        QuoteChanges: {
            label: string;
            before: number;
            after: number;
            difference: number;
        }[];
        Quote: {
            id: number;
            number: number;
            currency: string;
            total: number;
            deposit: number;
            balance: number;
            lines: {
                label: string;
                amount: number;
            }[];
            issued_at: string;
            until: string;
            sent_at: string | null;
            answer: string | null;
            answered_by: string | null;
            words: string | null;
            answered_at: string | null;
            overtaken: boolean;
            findings: components["schemas"]["Finding"][];
            changes: components["schemas"]["QuoteChanges"];
        };
        Payment: {
            id: number;
            number: number;
            kind: string;
            amount: number;
            currency: string;
            paid_on: string;
            how: string;
            reverses: boolean;
            reversed: boolean;
        };
        Settled: {
            quote: number | null;
            paid: number;
            owed: number | null;
            invoice: {
                number: number;
                issued_on: string;
            } | null;
        };
        MetalPrices: {
            currency: string;
            metals: string[];
            prices: {
                metal: string;
                price: number;
                on: string;
                /** @enum {string} */
                source: "typed" | "csv" | "simulated";
            }[];
        };
        Calendars: {
            links: {
                id: number;
                whose: string;
                since: string;
            }[];
            address?: string;
        };
        PlanChange: {
            late_before_min: number;
            late_after_min: number;
            moved: {
                job: string;
                before: string | null;
                after: string | null;
                late: boolean;
            }[];
            findings: components["schemas"]["Finding"][];
            placed: components["schemas"]["PlacedStep"] | null;
        };
        Rehearsals: {
            lessons: {
                key: string;
                title: string;
                teaches: string;
            }[];
            record: components["schemas"]["RehearsedLesson"][];
            people: {
                name: string;
                record: components["schemas"]["RehearsedLesson"][];
            }[] | null;
        };
        RehearsedLesson: {
            lesson: string;
            title: string;
            times: number;
            best: components["schemas"]["RehearsalDone"];
            last: components["schemas"]["RehearsalDone"];
        };
        RehearsalDone: {
            id: number | null;
            outcome: string;
            rank: number;
            sentence: string;
            seconds: number;
            at: string | null;
        };
        HeatLesson: {
            key: string;
            title: string;
            teaches: string;
            torch: string;
            job: number | null;
            support: string;
            bare: boolean;
            torches: {
                name: string;
                label: string;
                sharpest_mm: number;
                bushiest_mm: number;
            }[];
            nodes: components["schemas"]["HeatNode"][];
            links: components["schemas"]["HeatLink"][];
            contacts: components["schemas"]["HeatContact"][];
            outlines: {
                part: string;
                colour: string;
                points: number[][];
            }[];
        };
        Rehearsed: {
            id: number | null;
            outcome: string;
            rank: number;
            sentence: string;
            seconds: number;
            at: string | null;
            lesson: string;
            title: string;
            moves: Record<string, never>[];
            heat: {
                torch: string;
                support: string;
                said: string;
                curve: {
                    at_s: number;
                    joint: string;
                    one_c: number;
                    other_c: number;
                }[];
                marks: {
                    at_s: number;
                    sign: string;
                    at: string;
                    seen: string;
                }[];
                lines: {
                    joint: string;
                    clear_c: number;
                    flow_c: number;
                    solidus_c: number;
                    one: string;
                    other: string;
                }[];
                nodes: components["schemas"]["HeatNode"][];
                links: components["schemas"]["HeatLink"][];
                contacts: components["schemas"]["HeatContact"][];
                outlines: {
                    part: string;
                    colour: string;
                    points: number[][];
                }[];
            } | null;
        };
        HeatNode: {
            part: string;
            x_mm: number;
            y_mm: number;
            mass_g: number;
            surface_mm2: number;
            capacity: number;
            solidus_c: number;
            held_w_per_k: number;
            heat_c: number;
            silver: boolean;
            coated: boolean;
            black: boolean;
            slumped: boolean;
            sink_s: number;
        };
        HeatLink: {
            from: number;
            to: number;
            w_per_k: number;
        };
        HeatContact: {
            joint: string;
            from: number;
            to: number;
            length_mm: number;
            metal_w_per_k: number;
            flow_c: number;
            solidus_c: number;
            now: boolean;
            made: boolean;
            guarded: boolean;
            needs_flux: boolean;
            flux: string;
            clear_s: number;
            solder: string;
            over_s: number;
            pitted: boolean;
            moved: boolean;
            flashed_s: number | null;
            ahead_c: number | null;
        };
        JobPrice: {
            currency: string;
            quote: components["schemas"]["Answer"] | null;
            drawn: components["schemas"]["View"] | null;
            left: components["schemas"]["Answer"];
            thread: components["schemas"]["View"] | null;
            unsaid: {
                path: string;
                label: string;
            }[];
            instead: {
                alloy: string;
                label: string;
                total: number;
            }[];
            widths: {
                width: number;
                total: number;
            }[];
            quotes: components["schemas"]["Quote"][];
            payments: components["schemas"]["Payment"][];
            settled: components["schemas"]["Settled"];
            spent: components["schemas"]["QuoteChanges"];
            invoice_text: string | null;
            address?: string;
        };
        OwnFigures: {
            figures: {
                name: string;
                label: string;
                quantity: string;
                may_be_taken: boolean;
                usual: number;
                used: number | null;
                taken: {
                    n: number;
                    at: string;
                } | null;
                answer: components["schemas"]["Answer"];
                samples: {
                    value: number;
                    at: string;
                    job: string;
                }[];
            }[];
        };
        Workshop: {
            name: string | null;
            mark: string | null;
            timezone: string;
            timezone_agreed: boolean;
            zones: string[];
            backup_folder: string | null;
            backup_default: string;
            backed_up_at: string | null;
            backup_trouble: string | null;
            kilns: components["schemas"]["Kilns"];
            tumblers: number;
            any_hand: boolean;
            invoice_text: string | null;
        };
        Journal: {
            notes: {
                id: number;
                at: string;
                by: string | null;
                what: string;
                detail: Record<string, never>;
            }[];
            page: number;
            more: boolean;
        };
        People: {
            people: {
                id: number;
                name: string;
                /** @enum {string} */
                role: "owner" | "goldsmith" | "apprentice" | "guest";
                signs_in: boolean;
                hours: string;
                off: string;
            }[];
            roles: string[];
        };
        Sample: {
            name: string;
            form: string;
            grade: string;
            start: number;
            broken: number;
            where: string;
        };
        StretchTests: {
            tests: {
                id: number;
                tested_on: string;
                note: string;
                samples: components["schemas"]["Sample"][];
                answer: components["schemas"]["Answer"];
            }[];
            learned: {
                form: string;
                grade: string;
                samples: number;
                strain: number;
                at_joint: number;
            }[];
        };
        Looks: {
            offered: {
                name: string;
                title: string;
            }[];
            was_offered: {
                name: string;
                title: string;
                changes: {
                    path: string;
                    to: string;
                }[];
            }[];
            pictures: {
                key: string;
                file: string;
                caption: string;
            }[];
            looks: {
                id: number;
                arrangements: string[];
                pictures: number;
                sent_at: string;
                expires_at: string;
                /** @enum {string} */
                state: "open" | "expired" | "revoked";
                approved: boolean;
            }[];
            letters: {
                id: number;
                to: string;
                subject: string;
                body: string;
                sent_at: string;
            }[];
            words: {
                key: string;
                what: string;
                arrangement?: string;
                words?: string;
                look?: number;
                answered?: string;
                by: string;
                at: string;
            }[];
            simulated: boolean;
            address?: string;
        };
        Burnout: {
            id: number;
            /** @enum {string} */
            kind: "burnout" | "firing";
            /** @enum {string} */
            state: "planned" | "burning" | "over";
            ready_at: string | null;
            started_at: string | null;
            minutes: number;
            jobs: {
                number: number;
                title: string;
            }[];
            flasks: number;
        };
        Casting: {
            runs: components["schemas"]["Burnout"][];
            proposal: Record<string, never>;
            views: components["schemas"]["View"][];
        };
        RunPage: {
            id: number;
            /** @enum {string} */
            kind: "burnout" | "firing";
            /** @enum {string} */
            state: "planned" | "burning" | "over";
            ready_at: string | null;
            started_at: string | null;
            minutes: number;
            jobs: {
                number: number;
                title: string;
            }[];
            flasks: number;
            stages: Record<string, never>[];
            speed: number;
            minute: number | null;
            kiln_c: number | null;
            planned_c: number | null;
            start_at: string | null;
            core_c: number | null;
            gaps: Record<string, never>[];
            view: components["schemas"]["View"];
            chamber: components["schemas"]["View"];
            events: Record<string, never>[];
            speeds: number[];
            core: Record<string, never> | null;
            alarms: {
                id: number;
                code: string;
                minute: number;
                message: string;
                answered_at: string | null;
            }[];
            safety: string[];
            steps: {
                name: string;
                done: string;
            }[];
            flask_rows: Record<string, never>[];
        };
        Lot: {
            id: number;
            name: string;
            kind: string;
            alloy: string;
            fineness: number;
            owner: string | null;
            client_id: number | null;
            job: number | null;
            origin: string;
            mass: number;
            fine: number;
        };
        Movement: {
            id: number;
            kind: string;
            at: string;
            by: string | null;
            job: number | null;
            reason: string;
            loss: number;
            reverses: number | null;
            reversed: boolean;
            postings: {
                lot: number;
                name: string;
                alloy: string;
                mass: number;
            }[];
        };
        StatementRow: {
            of: string;
            alloy: string;
            owner: string;
            before_mg: number;
            in_mg: number;
            out_mg: number;
            now_mg: number;
            fine_mg: number;
        };
        JobMetal: {
            held: components["schemas"]["Lot"][];
            left: components["schemas"]["Lot"][];
            lots: components["schemas"]["Lot"][];
            of_alloy: components["schemas"]["Lot"][];
            of_metal: components["schemas"]["Lot"][];
            movements: components["schemas"]["Movement"][];
        };
        Metal: {
            lots: components["schemas"]["Lot"][];
            movements: components["schemas"]["Movement"][];
            statement: components["schemas"]["StatementRow"][];
            flow: components["schemas"]["View"];
            charges: {
                number: number;
                title: string;
                alloy: string;
                wanted: number | null;
                client_id: number | null;
            }[];
        };
        Solid: {
            /** @enum {string} */
            stage: "wax" | "blank" | "tree" | "cast" | "finished";
            told: string;
            parts: {
                /** @enum {string} */
                kind: "band" | "collar" | "claws" | "plate" | "gallery" | "stone" | "sprues" | "button" | "flask" | "blank" | "cut";
                name: string;
                /** @enum {string} */
                material: "metal" | "stone" | "wax" | "clear";
                colour: string;
                /** @enum {string} */
                sheen: "polished" | "satin" | "matt" | "cast";
                is_darkened: boolean;
                setting: string | null;
                is_body: boolean;
                points: string;
                faces: string;
            }[];
        };
        PatternSizes: {
            volume: number;
            surface: number;
            modulus: number;
            across: number;
            along: number;
            tall: number;
            bore: number | null;
            width: number | null;
            thickness: number | null;
            width_base: number | null;
            thickness_base: number | null;
            section: number | null;
            section_base: number | null;
        };
        PictureScale: {
            version: number;
            scale: {
                from: number[];
                to: number[];
                mm: number;
            } | null;
            lines: {
                from: number[];
                to: number[];
                mm: number | null;
                doubt: number | null;
            }[];
        };
        PatternProgress: {
            share: number | null;
        };
        PatternRead: {
            triangles: number;
            carries: boolean;
            grown: number;
            bore_wanted: number | null;
            read: components["schemas"]["PatternSizes"];
            pattern: components["schemas"]["PatternSizes"];
        };
    };
    responses: {
        /** @description it carries no key of its own, or its address is bent */
        400: {
            headers: {
                [name: string]: unknown;
            };
            content: {
                "application/json": components["schemas"]["Problem"];
            };
        };
        /** @description nobody is signed in */
        401: {
            headers: {
                [name: string]: unknown;
            };
            content: {
                "application/json": components["schemas"]["Problem"];
            };
        };
        /** @description not for this role */
        403: {
            headers: {
                [name: string]: unknown;
            };
            content: {
                "application/json": components["schemas"]["Problem"];
            };
        };
        /** @description there is no such thing */
        404: {
            headers: {
                [name: string]: unknown;
            };
            content: {
                "application/json": components["schemas"]["Problem"];
            };
        };
        /** @description not asked for in this way */
        405: {
            headers: {
                [name: string]: unknown;
            };
            content: {
                "application/json": components["schemas"]["Problem"];
            };
        };
        /** @description not as things stand */
        409: {
            headers: {
                [name: string]: unknown;
            };
            content: {
                "application/json": components["schemas"]["Problem"];
            };
        };
        /** @description too large */
        413: {
            headers: {
                [name: string]: unknown;
            };
            content: {
                "application/json": components["schemas"]["Problem"];
            };
        };
        /** @description what is wrong, by field */
        422: {
            headers: {
                [name: string]: unknown;
            };
            content: {
                "application/json": components["schemas"]["Problem"];
            };
        };
        /** @description too many at once */
        429: {
            headers: {
                [name: string]: unknown;
            };
            content: {
                "application/json": components["schemas"]["Problem"];
            };
        };
        /** @description the database is busy */
        503: {
            headers: {
                [name: string]: unknown;
            };
            content: {
                "application/json": components["schemas"]["Problem"];
            };
        };
        /** @description the disk is full or fails */
        507: {
            headers: {
                [name: string]: unknown;
            };
            content: {
                "application/json": components["schemas"]["Problem"];
            };
        };
    };
    parameters: never;
    requestBodies: never;
    headers: never;
    pathItems: never;
}
export type $defs = Record<string, never>;
export type operations = Record<string, never>;
