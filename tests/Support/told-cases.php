<?php

declare(strict_types=1);

/*
 * What customers and technicians say of a clutch, and what was found: in words, vehicle, signs, tests, cause, signs that were asked for and
 * are not there. Made up out of common practice, no source, and written down before the table of causes was looked at again.
 */

return [
    // Slip.
    [
        'the revs run away on the motorway in sixth, otherwise it drives', 'car concentric dual_mass 165000',
        ['slip_high_gear', 'slip_load'], [], 'lining_worn', ['firm_again', 'oil_housing'],
    ],
    [
        'pulls away fine, but up the pass it would not hold fourth any more', 'car cable solid 140000',
        ['slip_high_gear', 'burning_smell'], [], 'lining_worn', ['towing'],
    ],
    [
        'pedal comes higher every month, slips now with five people in it', 'van slave solid 210000',
        ['bites_high', 'slip_load'], [], 'lining_worn', [],
    ],
    [
        'no drive in any gear, the pedal feels as always', 'car slave solid 230000',
        ['no_drive', 'bites_high'], [], 'lining_worn', ['sudden', 'soft_odd'],
    ],
    [
        'truck at 700 000 runs up its revs on the ramp with a full load', 'truck pull pot 700000',
        ['slip_load', 'bites_high'], ['t_slip' => true], 'lining_worn', ['no_free_play'],
    ],
    [
        'plough comes in, engine roars, tractor stands', 'tractor rod solid 6200h',
        ['slip_load', 'no_drive'], ['t_slip' => true], 'lining_worn', ['oil_housing'],
    ],
    [
        'taxi, two clutches ago the same: slips in top', 'car slave dual_mass 190000',
        ['slip_high_gear'], ['t_slip' => true], 'lining_worn', [],
    ],
    [
        'slips since the engine was resealed, drips at the joint', 'car slave solid 80000',
        ['slip_load', 'oil_housing', 'judder'], [], 'oil_on_lining', [],
    ],
    [
        'judders cold, slips warm, the housing is wet below', 'van concentric dual_mass 90000',
        ['judder', 'slip_hot', 'oil_housing'], ['t_leak' => false], 'oil_on_lining', ['fluid_low'],
    ],
    [
        'tractor was greased well, now it slips and grabs', 'tractor rod solid 2000h',
        ['slip_load', 'judder'], ['t_oil' => true], 'oil_on_lining', [],
    ],
    [
        'truck, rear seal of the crank: the linings are black', 'truck pull pot 350000',
        ['slip_load', 'slip_hot', 'oil_housing'], ['t_oil' => true], 'oil_on_lining', [],
    ],
    [
        'after the boat was pulled up the slip it smelt and since then it slips', 'car slave solid 70000',
        ['towing', 'burning_smell', 'slip_load'], [], 'glazed', ['oil_housing', 'bites_high'],
    ],
    [
        'stuck in sand an hour, smoke, slips hot and holds cold', 'van slave solid 50000',
        ['burning_smell', 'slip_hot'], [], 'glazed', ['stronger_engine', 'bites_high'],
    ],
    [
        'driving school, smells every evening', 'car cable solid 35000',
        ['hard_use', 'burning_smell', 'slip_hot'], ['t_oil' => false], 'glazed', [],
    ],
    [
        'front loader all winter, slips when hot', 'tractor rod solid 900h',
        ['hard_use', 'slip_hot', 'burning_smell'], [], 'glazed', ['no_free_play'],
    ],
    [
        'someone screwed the stop out; now it slips and the pedal has two firm points', 'truck pull pot 200000',
        ['firm_again', 'slip_load'], [], 'springs_weak', ['no_free_play'],
    ],
    [
        'slips at 40 000 with a thick lining, the last bit of the pedal is hard', 'car slave solid 40000',
        ['slip_load', 'slip_high_gear', 'firm_again'], ['t_firm' => true], 'springs_weak', ['oil_housing', 'towing'],
    ],
    [
        'chip and 100 hp more, slips from 2000 revs in fifth', 'car concentric dual_mass 60000',
        ['stronger_engine', 'slip_load', 'slip_high_gear'], [], 'engine_beyond', ['burning_smell', 'bites_high'],
    ],
    [
        'box set on the tractor, spins the clutch with the big disc harrow', 'tractor rod solid 1200h',
        ['stronger_engine', 'slip_load'], [], 'engine_beyond', ['no_free_play', 'oil_housing'],
    ],
    ['new cable put in by himself, no play, slips', 'car cable solid 90000', ['no_free_play', 'slip_load'], [], 'held_off', []],
    [
        'rests the foot on it, no play left, noisy bearing, slips', 'van cable solid 100000',
        ['no_free_play', 'slip_load', 'foot_rests', 'noise_down'], [], 'held_off', [],
    ],
    ['truck: free pedal nothing, revs rise', 'truck pull pot 280000', ['no_free_play', 'slip_load'], ['t_slacken' => true], 'held_off', []],
    [
        'tractor: lever adjusted to nothing, slips and smells', 'tractor rod solid 3000h',
        ['no_free_play', 'slip_load', 'burning_smell'], ['t_slacken' => true], 'held_off', [],
    ],
    [
        'slips only in the jam when it is warm, then the pedal stands hard', 'car slave solid 110000',
        ['slip_hot', 'hardens_warm'], [], 'return_port', ['oil_housing'],
    ],
    [
        'new master, since then held off when warm', 'van slave solid 120000',
        ['hardens_warm', 'after_hydraulic', 'slip_load'], ['t_bleeder' => true], 'return_port', [],
    ],
    // It does not let go.
    ['pipe changed yesterday, pedal like a sponge', 'car slave solid 100000', ['after_hydraulic', 'spongy'], [], 'air', []],
    [
        'two pumps and reverse goes in', 'car concentric solid 70000',
        ['pumping_helps', 'reverse_grinds'], ['t_leak' => false], 'air', ['sinks', 'fluid_low'],
    ],
    [
        'booster of the truck swapped, first will not go in', 'truck slave solid 400000',
        ['after_hydraulic', 'hard_running', 'spongy'], [], 'air', ['much_free_play'],
    ],
    [
        'gearbox was out for a seal, line opened, low bite now', 'van concentric dual_mass 120000',
        ['after_hydraulic', 'bites_low', 'pumping_helps'], [], 'air', [],
    ],
    [
        'at the lights it creeps after half a minute, everything dry', 'car slave solid 150000',
        ['sinks', 'creeps'], ['t_leak' => false], 'master_bypass', ['fluid_low', 'spongy'],
    ],
    [
        'pedal goes down by itself and comes up when pumped', 'van slave solid 170000',
        ['sinks', 'pumping_helps'], ['t_hold' => true, 't_leak' => false, 't_pedal_box' => false], 'master_bypass', [],
    ],
    [
        'truck sinks on the brake test bench, no loss of fluid', 'truck slave solid 500000',
        ['sinks', 'hard_running'], ['t_hold' => true], 'master_bypass', ['fluid_low'],
    ],
    ['tops up every week, drips under the bell', 'car concentric dual_mass 140000', ['fluid_low', 'oil_housing'], [], 'slave_leak', []],
    [
        'boot full of fluid, pedal on the floor', 'van slave solid 190000',
        ['pedal_stays', 'fluid_low'], ['t_leak' => true, 't_pedal_box' => false], 'slave_leak', [],
    ],
    [
        'suddenly nothing, reservoir empty, puddle under the gearbox', 'car concentric solid 130000',
        ['fluid_low', 'pedal_stays', 'oil_housing'], ['t_leak' => true], 'slave_leak', [],
    ],
    [
        'smell of fluid in the cabin, wet shoe', 'car slave solid 160000',
        ['fluid_low', 'spongy'], ['t_pedal_box' => true], 'master_leak', ['oil_housing'],
    ],
    [
        'level falls, nothing under the car, stain at the carpet', 'van concentric dual_mass 110000',
        ['fluid_low'], ['t_pedal_box' => true, 't_leak' => true], 'master_leak', ['oil_housing'],
    ],
    [
        'scrapes like a saw on the way down and catches at the bottom', 'car cable solid 120000',
        ['notchy', 'bites_low'], [], 'cable', ['spongy'],
    ],
    ['bang, pedal without any force, no gear', 'car cable solid 150000', ['sudden', 'pedal_stays', 'hard_running'], [], 'cable', []],
    [
        'the adjuster clicks and the bite wanders down', 'car cable solid 90000',
        ['bites_low', 'notchy', 'much_free_play'], ['t_cable' => true], 'cable', [],
    ],
    [
        'nobody adjusted it for years, a hand of play and it grinds', 'car cable solid 60000',
        ['much_free_play', 'reverse_grinds', 'bites_low'], ['t_cable' => false], 'little_stroke', [],
    ],
    [
        'tractor linkage rattles in its eyes, gear only with a grind', 'tractor rod solid 5000h',
        ['much_free_play', 'hard_running'], ['t_stroke' => true], 'little_stroke', ['stuck_storage'],
    ],
    [
        'truck: four fingers of free pedal, low', 'truck pull pot 450000',
        ['much_free_play', 'bites_low', 'reverse_grinds'], [], 'little_stroke', [],
    ],
    [
        'pushrod nut worked loose, too much play before anything moves', 'van slave solid 80000',
        ['much_free_play', 'bites_low'], ['t_stroke' => true, 't_blocked' => false], 'little_stroke', ['spongy'],
    ],
    [
        'creaks under the boot, heavy, lower every day', 'car cable solid 180000',
        ['heavy', 'bites_low', 'notchy'], ['t_fork' => true, 't_cable' => false], 'fork', [],
    ],
    [
        'since the sport clutch the fork bows', 'car slave solid 30000',
        ['heavy', 'bites_low', 'reverse_grinds'], ['t_fork' => true], 'fork', ['spongy'],
    ],
    [
        'the firewall comes towards me when my wife presses', 'car cable solid 140000',
        ['bites_low', 'heavy'], ['t_bulkhead' => true, 't_cable' => false], 'bulkhead', [],
    ],
    [
        'sheet metal around the master is torn', 'van slave solid 220000',
        ['hard_running', 'bites_low'], ['t_bulkhead' => true], 'bulkhead', ['spongy', 'fluid_low'],
    ],
    [
        'flywheel was ground, since then it either drags or slips whatever one adjusts', 'tractor rod solid 20h',
        ['after_flywheel', 'bites_low', 'hard_running'], [], 'geometry', [],
    ],
    [
        'other make of kit in, pedal bites at the floor, never right', 'car slave solid 500',
        ['after_clutch', 'after_flywheel', 'bites_low'], ['t_blocked' => false], 'geometry', ['spongy', 'window'],
    ],
    [
        'clutch done Saturday, gear goes in halfway down and not on the floor', 'car cable solid 50',
        ['after_clutch', 'window', 'reverse_grinds'], [], 'disc_wrong_way', [],
    ],
    [
        'mechanic swears all is new, window test positive', 'van concentric solid 100',
        ['after_clutch', 'hard_running'], ['t_window' => true], 'disc_wrong_way', [],
    ],
    [
        'fresh from the shop, will not go into gear running, pedal and stroke perfect', 'van slave solid 30',
        ['after_clutch', 'hard_running'], ['t_stroke' => false, 't_window' => false, 't_rock' => true], 'hub_binds',
        ['spongy', 'bites_high'],
    ],
    [
        'tractor split and joined, hangs on the spline', 'tractor rod solid 5h',
        ['after_clutch', 'hard_running', 'reverse_grinds'], ['t_rock' => true, 't_window' => false], 'hub_binds', ['bites_high'],
    ],
    [
        'gearbox was let hang while fitting, now it creeps', 'car concentric solid 100',
        ['after_clutch', 'creeps', 'reverse_grinds', 'judder'], ['t_rock' => false], 'disc_bent', ['spongy'],
    ],
    [
        'truck, new clutch, creeps in first, judders a little', 'truck pull pot 500',
        ['after_clutch', 'creeps', 'hard_running', 'judder'], ['t_rock' => false, 't_window' => false], 'disc_bent', [],
    ],
    [
        'new kit, pedal bites right at the top and is heavy', 'car concentric dual_mass 50',
        ['after_clutch', 'bites_high', 'heavy'], [], 'not_set_back', ['slip_load'],
    ],
    [
        'new kit, takes up at the very top, drags though', 'van slave dual_mass 200',
        ['after_clutch', 'bites_high', 'hard_running'], ['t_window' => false], 'not_set_back', ['spongy'],
    ],
    [
        'a bang while overtaking, since then no gear; after kicking the pedal one came in', 'car slave solid 120000',
        ['sudden', 'striking_frees', 'hard_running'], [], 'trapped_piece', ['spongy', 'soft_odd'],
    ],
    [
        'truck: piece of lining in the pan, drags all at once', 'truck pull pot 380000',
        ['sudden', 'hard_running', 'striking_frees'], ['t_brake' => false], 'trapped_piece', [],
    ],
    [
        'from one corner to the next the pedal was light and crooked', 'car cable solid 150000',
        ['sudden', 'soft_odd', 'hard_running'], ['t_finger' => true, 't_cable' => false], 'broken_finger', [],
    ],
    [
        'tractor: one of three levers points elsewhere', 'tractor rod solid 4000h',
        ['sudden', 'soft_odd', 'vibration'], ['t_finger' => true], 'broken_finger', [],
    ],
    [
        'whistles at the lights in first with the clutch down', 'car slave solid 150000',
        ['whine_down', 'reverse_grinds'], [], 'pilot', ['noise_up', 'spongy'],
    ],
    [
        'hot it will not go into first, howls with the pedal down', 'truck pull pot 600000',
        ['hard_hot', 'whine_down'], [], 'pilot', ['first_from_rest'],
    ],
    [
        'parks in jerks though the pedal is on the floor', 'car cable solid 160000',
        ['grabs', 'hard_running', 'whine_down'], [], 'pilot', ['much_free_play'],
    ],
    [
        'truck crashes into first at the depot, on the road all is silk', 'truck pull pot 520000',
        ['first_from_rest'], [], 'brake_worn', ['reverse_grinds', 'creeps'],
    ],
    [
        'truck crunches into first when standing, brake thin as paper', 'truck pull pot 300000',
        ['first_from_rest'], ['t_brake' => true], 'brake_worn', [],
    ],
    [
        'young driver presses to the floor while rolling; brake in shreds at 40 000', 'truck pull pot 40000',
        [], ['t_brake' => true], 'brake_hit', ['first_from_rest'],
    ],
    [
        'baler keeps turning with the pedal right down', 'tractor rod solid two_stage',
        ['branch_wont_stop'], [], 'levers_uneven', ['hard_running'],
    ],
    [
        'two-stage: shakes, and one lever two millimetres high', 'tractor rod solid two_stage',
        ['vibration', 'branch_wont_stop'], ['t_levers' => true], 'levers_uneven', [],
    ],
    [
        'stood in the queue in neutral for an hour, then it would not let go', 'car slave solid 110000',
        ['stuck_hot', 'striking_frees'], [], 'sucked', ['sudden'],
    ],
    [
        'vineyard tractor, out of the barn in April: engine pulls although the pedal is down', 'tractor rod solid',
        ['stuck_storage', 'creeps'], ['t_rock' => true], 'rusted', [],
    ],
    [
        'classic car of a collector, stood by the sea', 'car cable solid',
        ['stuck_storage', 'hard_running'], [], 'rusted', ['much_free_play'],
    ],
    [
        'camper, five months in the garden, no gear with the engine running', 'van slave solid 60000',
        ['stuck_storage', 'hard_running', 'reverse_grinds'], ['t_rock' => true, 't_leak' => false], 'rusted', [],
    ],
    // Take-up, noise, and what is not the clutch.
    [
        'sticks and lets go with a jump, pedal squeaks in the tunnel', 'car slave solid 130000',
        ['jerky', 'heavy'], ['t_pry' => false, 't_oil' => false], 'sleeve', [],
    ],
    ['van: jerks on letting in, feels gritty', 'van slave solid 180000', ['jerky', 'many_km'], ['t_pry' => false], 'sleeve', ['clunk']],
    [
        'shakes the mirror when starting, blue spots seen through the hole', 'van slave solid 80000',
        ['judder', 'grabs', 'burning_smell'], ['t_pry' => false, 't_oil' => false], 'flywheel_spots', [],
    ],
    [
        'judder since the turned flywheel', 'tractor rod solid 50h',
        ['judder', 'after_flywheel'], [], 'flywheel_spots', ['clunk', 'oil_housing'],
    ],
    [
        'trailer season over, judders since', 'car concentric solid 60000',
        ['judder', 'towing'], ['t_pry' => false], 'flywheel_spots', ['oil_housing'],
    ],
    [
        'knocks at idle, worse by the week, and shakes', 'car slave solid 90000',
        ['vibration', 'rattle_idle', 'clunk'], ['t_bolts' => true], 'flywheel_loose', [],
    ],
    [
        'three weeks after the flywheel change it hammers', 'truck pull pot 3000',
        ['vibration', 'after_flywheel'], ['t_bolts' => true], 'flywheel_loose', [],
    ],
    [
        'judders only when reversing uphill, one knock on letting off', 'car cable solid 120000',
        ['judder', 'clunk'], [], 'mounts', ['burning_smell', 'slip_load'],
    ],
    [
        'van: shakes when starting and knocks when I lift the foot', 'van slave solid 150000',
        ['judder', 'clunk'], ['t_pry' => true], 'mounts', [],
    ],
    ['truck brake drags on one wheel, jerky start', 'truck pull pot 250000', ['jerky', 'clunk'], ['t_pry' => true], 'mounts', []],
    [
        'clatters at idle, quiet with the pedal down, snatches on and off', 'van slave solid 170000',
        ['rattle_idle', 'clunk', 'jerky'], [], 'damper', ['noise_up'],
    ],
    [
        'tractor with shuttle: the hub springs rattle loose', 'tractor rod solid 4500h',
        ['rattle_idle', 'clunk', 'hard_use'], ['t_rev' => false], 'damper', [],
    ],
    ['truck clacks at idle, notchy when letting in', 'truck pull pot 420000', ['rattle_idle', 'clunk', 'notchy'], [], 'damper', []],
    [
        'screeches as soon as the foot touches it', 'car cable solid 130000',
        ['noise_down'], [], 'release_bearing', ['noise_up', 'whine_down'],
    ],
    [
        'grinds while pressing, silent when up, he drives with the foot on it', 'van slave solid 140000',
        ['noise_down', 'foot_rests'], ['t_listen' => true], 'release_bearing', [],
    ],
    ['bus: grating bearing at every stop', 'truck pull pot 450000', ['noise_down'], ['t_listen' => true], 'release_bearing', []],
    ['orchard tractor sings when the pedal is down', 'tractor rod solid 5500h', ['noise_down'], [], 'release_bearing', ['noise_up']],
    ['growls in neutral, stops when I press', 'car concentric dual_mass 190000', ['noise_up'], [], 'gearbox_bearing', ['noise_down']],
    [
        'truck gearbox howls in neutral with the pedal up', 'truck pull pot 800000',
        ['noise_up'], ['t_stethoscope' => true], 'gearbox_bearing', [],
    ],
    [
        'rattles like marbles in neutral since the racing flywheel, gone above 1200', 'car slave solid 8000',
        ['rattle_idle', 'after_flywheel'], [], 'light_flywheel', ['clunk', 'vibration'],
    ],
    [
        'club racer, light flywheel, idle rattle', 'car cable solid 5000',
        ['rattle_idle', 'after_flywheel'], ['t_rev' => true], 'light_flywheel', [],
    ],
    ['a hard clang each time the engine stops', 'car slave dual_mass 180000', ['rattle_stop'], [], 'dual_mass', ['clunk']],
    [
        'diesel van drones at 1500 and rattles on the key', 'van concentric dual_mass 200000',
        ['rattle_stop', 'vibration'], ['t_dmf' => true], 'dual_mass', [],
    ],
    [
        'dual-mass judders warm, clatter when it starts', 'car concentric dual_mass 160000',
        ['judder', 'rattle_stop'], ['t_pry' => false], 'dual_mass', [],
    ],
    [
        'second crunches in the morning, reverse never', 'car slave solid 150000',
        ['one_gear_grinds'], [], 'synchroniser', ['reverse_grinds', 'creeps'],
    ],
    [
        'truck fourth gear scrapes, all the others fine', 'truck pull pot 600000',
        ['one_gear_grinds'], ['t_reverse' => false], 'synchroniser', [],
    ],
    [
        'tractor third will not go in on the road', 'tractor rod solid 7000h',
        ['one_gear_grinds'], ['t_reverse' => false], 'synchroniser', ['creeps'],
    ],
];
