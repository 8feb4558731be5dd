# frozen_string_literal: true

# Makes the shipped story anew from its builders: bin/demo --make, in a shop of its own.
require_relative "../../config/boot"
require_relative "archive"
Database.migrate
puts "Making the story takes some minutes"
puts "db/demo/story.zip: #{Demo::Archive.make / 1000} kB"
