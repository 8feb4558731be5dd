# frozen_string_literal: true

require "json"

# The published form of a job's bundle, as JSON Schema (draft 2020-12): worked out from the shop's own columns and kept
# in docs/bundle.schema.json, so that what is written, what is read and what is told of it are one.
module BundleSchema
  FORMAT, VERSION = "up-close-job", 1
  FILE = File.join(Settings::ROOT, "docs/bundle.schema.json")
  HASH = "^[0-9a-f]{64}$"
  # columns that name an original by its hash
  HASHES = %w[original photo].freeze
  MOST_ROWS = 20_000
  TYPES = {
    integer: {"type" => "integer", "minimum" => -1_000_000_000, "maximum" => 1_000_000_000},
    float: {"type" => "number", "minimum" => -1e9, "maximum" => 1e9},
    boolean: {"type" => "boolean"},
    string: {"type" => "string", "maxLength" => 400},
    text: {"type" => "string", "maxLength" => 100_000},
    datetime: {"type" => "string", "pattern" => "^\\d{4}-\\d\\d-\\d\\dT\\d\\d:\\d\\d:\\d\\d(\\.\\d+)?Z$"},
    date: {"type" => "string", "pattern" => "^\\d{4}-\\d\\d-\\d\\d$"}
  }.freeze

  module_function

  # @return [Hash]
  def call
    tables = BundleTables.all
    {
      "$schema" => "https://json-schema.org/draft/2020-12/schema",
      "title" => "A job of Up Close, with its pieces, marks, work and record",
      "description" => "bundle.json of a job's bundle. Lengths are millimetres, moments UTC. An id names a row " \
        "within this file alone; a hash names the file of the same name in the folder originals.",
      "type" => "object", "additionalProperties" => false,
      "required" => ["format", "version", "uid", "made_at", "fonts", *tables.keys],
      "properties" => {
        "format" => {"const" => FORMAT}, "version" => {"const" => VERSION},
        "uid" => {"type" => "string", "pattern" => "^[0-9a-f-]{36}$"}, "made_at" => TYPES[:datetime],
        "fonts" => list(font), **tables.transform_values { |table| list(row(table)) }
      }
    }
  end

  def list(item) = {"type" => "array", "maxItems" => MOST_ROWS, "items" => item}

  def font
    texts = %w[key name licence file_name].to_h { |name| [name, TYPES[:string]] }
    {"type" => "object", "additionalProperties" => false, "required" => [*texts.keys, "original"],
     "properties" => texts.merge("original" => {"type" => "string", "pattern" => HASH})}
  end

  # a column that may be empty may be left out: an older shop knew nothing of it
  def row(table)
    {"type" => "object", "additionalProperties" => false, "required" => table.columns.reject(&:null).map(&:name),
     "properties" => table.columns.to_h { |column| [column.name, kind(column)] }}
  end

  def kind(column)
    schema = (column.type == :json) ? json(column) : TYPES.fetch(column.type)
    schema = schema.merge("pattern" => HASH) if HASHES.include?(column.name) && column.type == :string
    column.null ? schema.merge("type" => [*schema["type"], "null"]) : schema
  end

  # a list or an object, as the column is when nothing was put in
  def json(column)
    return {"type" => %w[array object]} unless column.default
    {"type" => column.default.start_with?("[") ? "array" : "object"}
  end
  private_class_method :list, :font, :row, :kind, :json
end
