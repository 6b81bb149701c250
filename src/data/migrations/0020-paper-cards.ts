/** A picture is of a visit, or a paper card of a dog that is kept beside its own; one that was taken away can be put back. */
export const PAPER_CARDS = [
  `ALTER TABLE photos MODIFY COLUMN visit_id INT NULL`,
  `ALTER TABLE photos ADD COLUMN dog_id INT NULL`,
  `ALTER TABLE photos ADD COLUMN gone_at DATETIME(3) NULL`,
  `ALTER TABLE photos ADD CONSTRAINT photos_paper_of_dog FOREIGN KEY (dog_id) REFERENCES dogs (id)`,
  `ALTER TABLE photos ADD CONSTRAINT photos_are_of_one CHECK ((visit_id IS NULL) <> (dog_id IS NULL))`,
]
