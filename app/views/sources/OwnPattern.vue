<script setup lang="ts">
// A pattern of the keeper's own, from one that is like it: name, and the sizes that differ.
import { showLength } from '#core/units'
import { isBox, isFramePattern, isSlab, inWords } from '#core/parts'
import { sizeNonsense, type Edit } from '#core/yard'
import { capital, dimensionWord, sizeNonsenseInWords } from '#core/words'
import * as deeds from '#core/yard/deeds'
import { numberOf } from '~/kit/formRules'
import { useOwnPattern } from './ownPattern'

const emit = defineEmits<{ keep: [edit: Edit]; close: [] }>()
const preferences = usePreferences()
const own = useOwnPattern()
const { like, hung, model, patterns, frames, base, baseFrame, sizes, rules, typedR, lengths } = own
/** What only shows when all sizes are there: none of them may say nonsense of another. */
const nonsense = shallowRef<{ readonly dimension: string; readonly sentence: string } | null>(null)
function keep() {
  const wrong = base.value && sizeNonsense(lengths.value)
  nonsense.value = wrong ? { dimension: wrong.dimension, sentence: sizeNonsenseInWords(wrong) } : null
  const edit = wrong ? undefined : editOf()
  if (edit) emit('keep', edit)
}
function editOf(): Edit | undefined {
  const own = { id: `own-${crypto.randomUUID()}`, name: model.name.trim(), sizes: lengths.value }
  const frames = hung.value === '' ? null : { framePatternId: hung.value, count: numberOf(model.count) }
  if (base.value) return deeds.keepOwnPattern(base.value, { ...own, frames, rValue: typedR.value })
  return baseFrame.value && deeds.keepOwnHanging(baseFrame.value, own)
}
</script>

<template>
  <UiSheet title="A pattern of your own" width="min(620px, 96vw)" top="5vh" @close="emit('close')">
    <UiForm :model="model" :rules="rules" @sound="keep">
      <UiField name="name" label="Name" for="own-name">
        <ElInput id="own-name" v-model="model.name" maxlength="80" placeholder="Uncle’s super" data-testid="own-name" />
      </UiField>
      <UiField name="like" label="It is like" for="own-like">
        <ElSelect id="own-like" v-model="like" data-testid="own-like" filterable>
          <ElOptionGroup label="Parts">
            <ElOption
              v-for="one in patterns"
              :key="one.id"
              :value="one.id"
              :label="`${capital(inWords(one.label, preferences.vocabulary))}${isBox({ pattern: one }) ? '' : ` (${one.format})`}`"
            />
          </ElOptionGroup>
          <ElOptionGroup label="Frames">
            <ElOption
              v-for="one in frames"
              :key="one.id"
              :value="one.id"
              :label="capital(inWords(one.label, preferences.vocabulary))"
            />
          </ElOptionGroup>
        </ElSelect>
      </UiField>
      <p class="soft">Type the sizes that differ; the rest stays as it is.</p>
      <div class="sizes">
        <UiField
          v-for="[dimension, length] in sizes"
          :key="dimension"
          :name="`sizes.${dimension}`"
          :label="capital(dimensionWord(dimension))"
          :for="`own-${dimension}`"
          :wrong="nonsense?.dimension === dimension ? nonsense.sentence : undefined"
        >
          <ElInput
            :id="`own-${dimension}`"
            v-model="model.sizes[dimension]"
            :placeholder="showLength(length.mm, preferences.units)"
            :data-testid="`own-${dimension}`"
          />
        </UiField>
        <template v-if="isBox({ pattern: base })">
          <UiField name="hung" label="Frames it hangs" for="own-frame">
            <ElSelect
              id="own-frame"
              v-model="hung"
              data-testid="own-frame"
              :empty-values="[null, undefined]"
              filterable
            >
              <ElOption value="" label="none" />
              <ElOption
                v-for="one in frames.filter(isFramePattern)"
                :key="one.id"
                :value="one.id"
                :label="capital(inWords(one.label, preferences.vocabulary))"
              />
            </ElSelect>
          </UiField>
          <UiField name="count" label="Number of frames" for="own-count">
            <ElInput
              id="own-count"
              v-model="model.count"
              inputmode="numeric"
              data-testid="own-count"
              :disabled="hung === ''"
            />
          </UiField>
        </template>
        <UiField
          v-if="isSlab({ pattern: base })"
          name="rValue"
          :label="`R, where its maker gives it${preferences.units === 'mm' ? ', m²K/W' : ', US'}`"
          for="own-r"
        >
          <ElInput
            id="own-r"
            v-model="model.rValue"
            inputmode="decimal"
            placeholder="by thickness"
            data-testid="own-r"
          />
        </UiField>
      </div>
      <ElButton type="primary" native-type="submit" data-testid="keep-pattern">Keep it</ElButton>
    </UiForm>
  </UiSheet>
</template>

<style scoped>
.sizes {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(200px, 1fr));
  gap: 0 var(--space-5);
}

.soft {
  margin-bottom: var(--space-3);
  color: var(--soft-ink);
}
</style>
