# frozen_string_literal: true

require "shelves/original_store"

module Shelves
  # An original by its name in the store, told so that a worker can read it. Its name tells its bytes.
  StoredOriginal = Struct.new(:originals, :name) do
    # @return [String]
    def bytes = @bytes ||= OriginalStore.new(originals).get(name)

    # whichever folder it lies in
    # @see UpClose::Identity
    def identity = name

    # sent without its bytes
    def marshal_dump = to_a

    def marshal_load(kept)
      self.originals, self.name = kept
    end
  end
end
