-- What is asked for by something other than its watch or plant.
CREATE INDEX spray_by_load ON spray(load_id);
CREATE INDEX sample_by_spray ON sample(spray_id);
CREATE INDEX sample_by_round ON sample(round_id);
CREATE INDEX stop_by_plant ON stop(plant_id);
